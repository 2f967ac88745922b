import DxfParser, { type ILwpolylineEntity } from 'dxf-parser'
import { expect, it } from 'vitest'
import { drawingToDxf } from './drawingToDxf'
import type { SheetDrawing } from './sheetDrawing'

// Read by a general DXF reader that knows nothing of the writer.
it('a drawing comes out of the DXF at 1:1, each outline on its layer, y up', () => {
  const drawing: SheetDrawing = {
    widthMm: 300,
    heightMm: 200,
    title: 'Posts',
    words: [],
    pictures: [],
    strokes: [
      {
        points: [
          [10, 20],
          [190.5, 20],
          [190.5, 140],
          [10, 140],
        ],
        isClosed: true,
        widthMm: 0.25,
        name: 'plate',
      },
      {
        points: [
          [0, 0],
          [5, 0],
        ],
        isClosed: false,
        widthMm: 0.25,
      },
    ],
  }
  const read = new DxfParser().parseSync(drawingToDxf(drawing))!
  expect(read.header.$INSUNITS).toBe(4)
  const [plate, mark] = read.entities as ILwpolylineEntity[]
  expect([plate.layer, plate.shape, mark.layer, mark.shape]).toEqual(['plate', true, 'marks', false])
  expect(plate.vertices.map(({ x, y }) => [x, y])).toEqual([
    [10, 180],
    [190.5, 180],
    [190.5, 60],
    [10, 60],
  ])
})
