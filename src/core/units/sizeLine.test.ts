import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { MM_PER_INCH } from './length'
import { parseSize } from './sizeLine'

describe('parseSize', () => {
  test('reads sizes as they are written on a drawer, a pad and a plate', () => {
    const cases: [string, number, number][] = [
      ['120 × 90', 120, 90],
      ['120x90', 120, 90],
      ['120 x 90 mm', 120, 90],
      ['12 x 9 cm', 120, 90],
      ['12 cm × 90 mm', 120, 90],
      ['56*76cm', 560, 760],
      ['5 by 7 in', 127, 177.8],
      ['7 1/2" × 5"', 190.5, 127],
      ['7-1/2 x 5 in', 190.5, 127],
      ['12,5 × 9,5 cm', 125, 95],
    ]
    for (const [text, widthMm, heightMm] of cases) {
      const read = parseSize(text)
      expect(read?.widthMm, text).toBeCloseTo(widthMm, 9)
      expect(read?.heightMm, text).toBeCloseTo(heightMm, 9)
    }
  })
  test('takes nothing for a size that is none', () => {
    for (const text of [
      '',
      '120',
      '120 ×',
      '× 90',
      '120 × 90 × 3',
      'wide x tall',
      '0 × 90',
      'extra',
      '12 oz',
    ])
      expect(parseSize(text), text).toBeNull()
  })
  test('a unit after the height is both sides’', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 99 }), fc.integer({ min: 1, max: 99 }), (width, height) => {
        expect(parseSize(`${width} x ${height} in`)!.widthMm).toBeCloseTo(width * MM_PER_INCH, 9)
        expect(parseSize(`${width} x ${height} in`)!.heightMm).toBeCloseTo(height * MM_PER_INCH, 9)
      }),
    )
  })
})
