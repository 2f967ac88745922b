import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { convertSrgbToLab } from './convertSrgbToLab'
import { deltaE00 } from './deltaE00'
import { fastDeltaE00 } from './fastDeltaE00'
import { SHARMA_PAIRS } from './sharmaPairs.test.fixture'
import { srgbToLabMap } from './srgbToLabMap'

const fast = (one: { L: number; a: number; b: number }, other: { L: number; a: number; b: number }) =>
  fastDeltaE00(one.L, one.a, one.b, other.L, other.a, other.b)

describe('ΔE00 for whole pictures', () => {
  // Sharma, Wu & Dalal (2005), table 1; the pairs whose hues lie opposite have two mean hues, of which either is right.
  it.each(SHARMA_PAIRS.map((pair) => [pair] as const))(
    'agrees with a published pair: %o',
    ([L1, a1, b1, L2, a2, b2, expected]) => {
      expect(Math.abs(fastDeltaE00(L1, a1, b1, L2, a2, b2) - expected)).toBeLessThan(0.05)
    },
  )
  it('is within 0.05 of the exact formula for any two colours of a screen that lie near one another (property)', () => {
    const channel = fc.integer({ min: 0, max: 255 })
    const near = fc.integer({ min: -40, max: 40 })
    fc.assert(
      fc.property(channel, channel, channel, near, near, near, (r, g, b, dr, dg, db) => {
        const clamp = (value: number) => Math.min(255, Math.max(0, value)) / 255
        const [one, other] = [
          convertSrgbToLab(r / 255, g / 255, b / 255),
          convertSrgbToLab(clamp(r + dr), clamp(g + dg), clamp(b + db)),
        ]
        // Hues exactly opposite have two mean hues; rounding decides which of them either formula takes, and both are right.
        fc.pre(
          Math.abs(Math.atan2(one.a * other.b - one.b * other.a, one.a * other.a + one.b * other.b)) <
            Math.PI - 1e-9,
        )
        expect(Math.abs(fast(one, other) - deltaE00(one, other))).toBeLessThan(0.05)
      }),
      { numRuns: 4000 },
    )
  })
})

describe('L*a*b* of whole pictures', () => {
  it('is within 0.05 of the exact conversion (property)', () => {
    const channel = fc.integer({ min: 0, max: 255 })
    fc.assert(
      fc.property(channel, channel, channel, (r, g, b) => {
        const [L, a, bStar] = srgbToLabMap(Uint8Array.of(r, g, b))
        const exact = convertSrgbToLab(r / 255, g / 255, b / 255)
        expect(
          Math.max(Math.abs(L - exact.L), Math.abs(a - exact.a), Math.abs(bStar - exact.b)),
        ).toBeLessThan(0.05)
      }),
      { numRuns: 2000 },
    )
  })
})
