import fc from 'fast-check'
import { SaxesParser } from 'saxes'
import { oneLine } from '../units/oneLine'
import { describe, expect, it } from 'vitest'
import {
  CHECK_BAR_MM,
  checkBar,
  cornerMarks,
  drawingToSvg,
  strokeFill,
  strokePath,
  type SheetDrawing,
} from './sheetDrawing'

const empty: SheetDrawing = {
  widthMm: 210,
  heightMm: 99.5,
  title: 'A & B',
  strokes: [],
  words: [],
  pictures: [],
}

describe('a drawing at 1:1', () => {
  it('is as large as it says, a user unit a millimetre (SVG 1.1, 7.10 units)', () => {
    const svg = drawingToSvg(empty)
    expect(svg).toContain('width="210mm" height="99.5mm" viewBox="0 0 210 99.5"')
    expect(svg).toContain('<title>A &amp; B</title>')
  })
  it('the check bar is 100 mm, ticked every ten', () => {
    const { strokes } = checkBar(5, 7)
    const [[x1], [x2]] = strokes[0].points
    expect(x2 - x1).toBe(CHECK_BAR_MM)
    expect(strokes.slice(1).map(({ points: [[x]] }) => x)).toEqual([
      5, 15, 25, 35, 45, 55, 65, 75, 85, 95, 105,
    ])
  })
  it('corner marks stay out of the box', () => {
    for (const { points } of cornerMarks(10, 20, 50, 30, 6))
      for (const [x, y] of points) expect(x > 10 && x < 60 && y > 20 && y < 50).toBe(false)
    expect(cornerMarks(10, 20, 50, 30, 6)).toHaveLength(8)
  })
  it('is filled as black as it says, and clear where it says nothing', () => {
    expect([{ black: 0 }, { black: 0.2 }, { black: 1 }, {}].map(strokeFill)).toEqual([
      '#ffffff',
      '#cccccc',
      '#000000',
      'none',
    ])
    const box = {
      points: [
        [0, 0],
        [1, 0],
        [1, 1],
      ] as [number, number][],
      isClosed: true,
      widthMm: 0,
      black: 1,
    }
    expect(drawingToSvg({ ...empty, strokes: [box] })).toContain('fill="#000000"')
  })
  it('paths close only where they should', () => {
    expect(
      strokePath({
        points: [
          [0, 0],
          [1.23456, 2],
        ],
        isClosed: true,
      }),
    ).toBe('M0 0L1.235 2Z')
    expect(
      strokePath({
        points: [
          [0, 0],
          [1, 2],
        ],
        isClosed: false,
      }),
    ).toBe('M0 0L1 2')
  })
  it('words are escaped, pictures stretched to their place', () => {
    const svg = drawingToSvg({
      ...empty,
      words: [{ text: '<grain>', at: [1, 2], sizeMm: 3 }],
      pictures: [{ data: 'data:x', xMm: 1, yMm: 2, widthMm: 30, heightMm: 40 }],
    })
    expect(svg).toContain('&lt;grain&gt;')
    expect(svg).toContain('x="1" y="2" width="30" height="40" preserveAspectRatio="none"')
  })
  it('is well-formed XML whatever its words are, and says them back (property)', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => {
        const said: string[] = []
        const parser = new SaxesParser()
        parser.on('error', (error) => {
          throw error
        })
        parser.on('text', (words) => said.push(words))
        parser.write(drawingToSvg({ ...empty, words: [{ text, at: [1, 2], sizeMm: 3 }] })).close()
        expect(said.join('')).toContain(oneLine(text))
      }),
    )
  })
})
