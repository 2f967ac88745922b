import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { countedMix, PORTIONS } from './countedMix'

const amount = fc.integer({ min: 0, max: 12 })
const part = fc.record({ name: fc.string(), parts: fc.integer({ min: 1, max: 20 }), counted: amount })

describe('a mix counted without a scale', () => {
  it('weighs what its portions do, ± 30 %, and says what the recipe still wants', () => {
    const parts = [
      { name: 'blue', parts: 2, counted: 2 },
      { name: 'white', parts: 3, counted: 1 },
    ]
    expect(countedMix(parts, PORTIONS.squeeze.grams)).toEqual({
      portions: 3,
      grams: 6,
      from: expect.closeTo(4.2, 12) as number,
      to: expect.closeTo(7.8, 12) as number,
      wanted: [0, 2],
    })
    // The coin-sized puddle of 40 × 3 mm is about 4 g (π/4 · 4² · 0.3 cm³ of 1.1 g/cm³).
    expect(PORTIONS.blob.grams).toBe(4)
  })
  it('what is still wanted brings the shares to the recipe, and never takes ink out (property)', () => {
    fc.assert(
      fc.property(fc.array(part, { minLength: 1, maxLength: 6 }), (parts) => {
        const { wanted } = countedMix(parts, 2)
        const whole = parts.reduce((sum, { parts: share }) => sum + share, 0)
        const after = parts.map(({ counted }, i) => counted + wanted[i])
        const total = after.reduce((sum, one) => sum + one, 0)
        parts.forEach(({ parts: share }, i) => {
          expect(wanted[i]).toBeGreaterThanOrEqual(0)
          expect(after[i] * whole).toBeCloseTo(total * share, 6)
        })
      }),
    )
  })
})
