import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { startsNeeded } from './startsNeeded'

/** P(at least `accepted` of n) by direct summation of the beta-binomial, with factorials from log-gamma (Lanczos, Numerical Recipes). */
function enough(n: number, accepted: number, good: number, bad: number): number {
  const logGamma = (x: number): number => {
    const c = [
      76.18009172947146, -86.50532032941677, 24.01409824083091, -1.231739572450155, 0.1208650973866179e-2,
      -0.5395239384953e-5,
    ]
    const series = c.reduce((sum, value, i) => sum + value / (x + 1 + i), 1.000000000190015)
    return (x + 0.5) * Math.log(x + 5.5) - (x + 5.5) + Math.log((2.5066282746310005 * series) / x)
  }
  const logBeta = (a: number, b: number) => logGamma(a) + logGamma(b) - logGamma(a + b)
  let sum = 0
  for (let k = accepted; k <= n; k++)
    sum += Math.exp(
      logGamma(n + 1) -
        logGamma(k + 1) -
        logGamma(n - k + 1) +
        logBeta(k + good, n - k + bad) -
        logBeta(good, bad),
    )
  return sum
}

describe('startsNeeded', () => {
  it('the worked case: 30 wanted, 22 accepted and 3 rejected before, 90 %', () => {
    const { starts } = startsNeeded({
      accepted: 30,
      earlierAccepted: 22,
      earlierRejected: 3,
      confidence: 0.9,
    })
    expect(enough(starts, 30, 29, 4)).toBeGreaterThanOrEqual(0.9)
    expect(enough(starts - 1, 30, 29, 4)).toBeLessThan(0.9)
  })
  it('is the smallest number by direct summation (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 20 }),
        fc.constantFrom(0.5, 0.8, 0.9, 0.95),
        (accepted, a, r, confidence) => {
          const { starts } = startsNeeded({ accepted, earlierAccepted: a, earlierRejected: r, confidence })
          expect(enough(starts, accepted, 7 + a, 1 + r)).toBeGreaterThanOrEqual(confidence - 1e-7)
          if (starts > accepted)
            expect(enough(starts - 1, accepted, 7 + a, 1 + r)).toBeLessThan(confidence + 1e-7)
        },
      ),
      { numRuns: 60 },
    )
  })
  it('holds for thousands, where the chance that none is rejected is below every number a machine holds', () => {
    const many = { accepted: 2000, earlierAccepted: 1000, earlierRejected: 1500, confidence: 0.9 }
    const { starts } = startsNeeded(many)
    expect(enough(starts, 2000, 1007, 1501)).toBeGreaterThanOrEqual(0.9 - 1e-4)
    expect(enough(starts - 1, 2000, 1007, 1501)).toBeLessThan(0.9 + 1e-4)
    // Three in five are rejected: on the mean alone 2000 ÷ 0.4 = 5000 starts are needed, and more to be sure.
    expect(starts).toBeGreaterThan(5000)
    expect(starts).toBeLessThan(5300)
  })
  it('wants nothing for nothing', () =>
    expect(
      startsNeeded({ accepted: 0, earlierAccepted: 0, earlierRejected: 0, confidence: 0.9 }).starts,
    ).toBe(0))
})
