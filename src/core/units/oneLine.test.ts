import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { oneLine } from './oneLine'

describe('a text on one line', () => {
  it('is as it was where it is text, in whatever script', () => {
    for (const text of ['Mooring posts', 'Étude n° 3', '潮の満ち引き', '𝔘nd 🖨', ''])
      expect(oneLine(text)).toBe(text)
  })
  it('has spaces where a line would end or no character stands', () => {
    expect(oneLine('a\r\nb\tc\u0001d\u0085e\u2028f\ud800g\uffffh')).toBe('a b c d e f g h')
  })
  it('never ends a line, and done twice is done once (property)', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => {
        const line = oneLine(text)
        expect(line).not.toMatch(/[\r\n\u0000-\u001f\u007f-\u009f\u2028\u2029]/)
        expect(oneLine(line)).toBe(line)
      }),
    )
  })
})
