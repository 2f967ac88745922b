import { describe, expect, it } from 'vitest'
import { mirrorDrawing, type SheetDrawing } from './sheetDrawing'

const drawing: SheetDrawing = {
  widthMm: 100,
  heightMm: 50,
  title: 'Template',
  strokes: [
    {
      points: [
        [10, 5],
        [30, 5],
      ],
      isClosed: false,
      widthMm: 0.2,
    },
  ],
  words: [{ text: 'top', at: [20, 3], sizeMm: 3 }],
  pictures: [{ data: 'data:,', xMm: 10, yMm: 5, widthMm: 25, heightMm: 20 }],
}

describe('a drawing seen from behind', () => {
  it('is turned left for right, words and pictures with it', () => {
    const { strokes, words, pictures } = mirrorDrawing(drawing)
    expect(strokes[0].points).toEqual([
      [90, 5],
      [70, 5],
    ])
    expect(words[0]).toMatchObject({ at: [80, 3], anchor: 'end', isMirrored: true })
    expect(pictures[0]).toMatchObject({ xMm: 65, yMm: 5, widthMm: 25 })
  })
  it('twice is the drawing again', () => {
    const { strokes, words, pictures } = mirrorDrawing(mirrorDrawing(drawing))
    expect([strokes, pictures]).toEqual([drawing.strokes, drawing.pictures])
    expect(words[0]).toMatchObject({ at: [20, 3], anchor: 'start', isMirrored: false })
  })
})
