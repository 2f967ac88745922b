import { describe, expect, it } from 'vitest'
import { incompleteBeta, logGamma, studentProbability, studentQuantile } from './studentT'

describe('Student’s t against the NIST/SEMATECH e-Handbook table (1.3.6.7.2)', () => {
  it.each([
    [1, 6.314],
    [2, 2.92],
    [3, 2.353],
    [5, 2.015],
    [10, 1.812],
    [20, 1.725],
    [30, 1.697],
    [100, 1.66],
  ])('0.95 with %i degrees is %f', (degrees, t) => expect(studentQuantile(0.95, degrees)).toBeCloseTo(t, 3))
  it.each([
    [1, 12.706],
    [4, 2.776],
    [25, 2.06],
  ])('0.975 with %i degrees is %f', (degrees, t) => expect(studentQuantile(0.975, degrees)).toBeCloseTo(t, 3))
  it('is a half at 0 and symmetric', () => {
    expect(studentProbability(0, 7)).toBeCloseTo(0.5, 12)
    expect(studentProbability(1.3, 7) + studentProbability(-1.3, 7)).toBeCloseTo(1, 12)
  })
})

describe('gamma and beta', () => {
  it('ln Γ(n) is ln (n−1)!', () => {
    expect(logGamma(5)).toBeCloseTo(Math.log(24), 12)
    expect(logGamma(0.5)).toBeCloseTo(Math.log(Math.sqrt(Math.PI)), 12)
  })
  it('I_x(1, b) is 1 − (1−x)^b', () => expect(incompleteBeta(0.3, 1, 4)).toBeCloseTo(1 - 0.7 ** 4, 12))
})
