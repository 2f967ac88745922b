import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { formatInches, formatNumber, MM_PER_INCH, parseLength } from './length'

describe('parseLength', () => {
  it.each([
    ['190', 190],
    ['190.5 mm', 190.5],
    ['19,05 cm', 190.5],
    ['7 1/2 in', 190.5],
    ['7½"', 190.5],
    ['1/4 in', 6.35],
    ['3/8', 9.525],
    ['11 in', 279.4],
  ])('reads %s', (text, mm) => expect(parseLength(text)).toBeCloseTo(mm, 9))

  it.each(['', 'wide', '1 1/0 in', '7 9/4 in', '1.5 1/2 in', '-3 mm', '12 furlongs'])('refuses %j', (text) =>
    expect(parseLength(text)).toBeNull(),
  )

  it('reads back every sixteenth it writes (property)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 16 * 60 }), (n) => {
        const mm = (n / 16) * MM_PER_INCH
        expect(parseLength(formatInches(mm))).toBeCloseTo(mm, 9)
      }),
    )
  })
})

describe('formatting', () => {
  // Handbook worked example: a 7½ in plate centred in an 11 in sheet leaves 1¾ in each side.
  it('writes the margin of the worked example as a fraction', () =>
    expect(formatInches((279.4 - 190.5) / 2)).toBe('1 3/4 in'))
  it('marks an approximate sixteenth', () => expect(formatInches(99)).toBe('≈ 3 7/8 in'))
  it('uses a true minus and no trailing zeros', () => expect(formatNumber(-2.5, 2)).toBe('−2.5'))
  it('never writes minus zero', () => expect(formatNumber(-0.001, 1)).toBe('0'))
})
