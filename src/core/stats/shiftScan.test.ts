import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { normals } from './random'
import { scanShift } from './shiftScan'

describe('a shift of the mean', () => {
  it('is found where brute force over all two-sample t statistics finds it', () => {
    const values = [1.4, 1.42, 1.39, 1.41, 1.4, 1.47, 1.46, 1.48, 1.45, 1.47]
    const mean = (of: number[]) => of.reduce((sum, one) => sum + one, 0) / of.length
    const t = (k: number) => {
      const [a, b] = [values.slice(0, k), values.slice(k)]
      const squares = [a, b].reduce(
        (sum, of) => sum + of.reduce((own, one) => own + (one - mean(of)) ** 2, 0),
        0,
      )
      return (mean(b) - mean(a)) / Math.sqrt((squares / 8) * (1 / k + 1 / (10 - k)))
    }
    const best = [3, 4, 5, 6, 7].reduce((top, k) => (Math.abs(t(k)) > Math.abs(t(top)) ? k : top), 3)
    const shift = scanShift(values)!
    expect(shift.since).toBe(best)
    expect(best).toBe(5)
    expect(shift.by).toBeCloseTo(1.466 - 1.404, 9)
    // t = 8.6 with 8 degrees of freedom: two-sided 0.00003 (printed tables: 5.041 is exceeded 1 in 1000).
    expect(shift.p).toBeLessThan(0.0001)
    expect(shift.p).toBeGreaterThan(0.00001)
  })
  it('is not looked for in few values, nor in values all alike', () => {
    expect(scanShift([1, 2, 3, 4, 5, 6, 7])).toBeNull()
    expect(scanShift(new Array<number>(12).fill(3))).toBeNull()
  })
  it('turns with the series, and does not change with its unit (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -500, max: 500 }), { minLength: 8, maxLength: 30 }),
        (values) => {
          const shift = scanShift(values)
          const other = scanShift(values.map((one) => 7 - 3 * one))
          expect(other === null).toBe(shift === null)
          if (!shift || !other || shift.p < 1e-9) return
          expect(other.p).toBeCloseTo(shift.p, 6)
          if (other.since === shift.since) expect(other.by).toBeCloseTo(-3 * shift.by, 6)
        },
      ),
    )
  })
  it('is said wrongly of about 1.5 % of stable editions of 24, looked at after every pull', () => {
    const next = normals(77)
    let wrong = 0
    for (let edition = 0; edition < 2000; edition++) {
      const values = Array.from({ length: 24 }, () => next())
      for (let n = 8; n <= 24; n++)
        if ((scanShift(values.slice(0, n))?.p ?? 1) < 2.4e-4) {
          wrong += 1
          break
        }
    }
    expect(wrong / 2000).toBeGreaterThan(0.008)
    expect(wrong / 2000).toBeLessThan(0.024)
  })
})
