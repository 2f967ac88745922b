import { describe, expect, it } from 'vitest'
import { normals } from '../stats/random'
import { startsNeeded } from '../stats/startsNeeded'
import { editionNeed, editionNeedInput, gramsForPulls } from './editionNeed'

const asked = {
  left: 13,
  accepted: 11,
  rejected: 1,
  confidence: 0.9,
  gramsPerPull: { mean: 1.2, sd: 0.2, n: 5 },
  minutesPerPull: 20,
}

describe('what the rest of an edition takes', () => {
  it('agrees with a case worked by hand', () => {
    const { sheets, grams, hours } = editionNeed(asked)
    expect(sheets).toBe(
      startsNeeded({ accepted: 13, earlierAccepted: 11, earlierRejected: 1, confidence: 0.9 }).starts,
    )
    // Beta-binomial by the gamma function: at least 13 of 16 with 0.876, of 17 with 0.943.
    expect(sheets).toBe(17)
    // t(0.9, 4) = 1.533 (printed tables): 17·1.2 + 1.533·0.2·√(17 + 289/5) = 20.4 + 2.652
    expect(grams).toBeCloseTo(23.052, 2)
    expect(hours).toBeCloseTo(17 / 3, 9)
  })
  it('claims nothing of ink that was weighed less than twice', () => {
    const { grams, reason } = editionNeed({ ...asked, gramsPerPull: { mean: 1.2, sd: 0, n: 1 } })
    expect(grams).toBeNull()
    expect(reason).toBe('needs at least 2 weighings, has 1')
  })
  it('is nothing once nothing is left', () =>
    expect(editionNeed({ ...asked, left: 0 })).toEqual({ sheets: 0, grams: 0, hours: 0 }))
  it('suffices in nine of ten simulated editions, with the mean itself learned from few weighings', () => {
    const next = normals(41)
    let enough = 0
    for (let edition = 0; edition < 2000; edition++) {
      const weighed = Array.from({ length: 4 }, () => 1.2 + 0.2 * next())
      const mean = weighed.reduce((sum, one) => sum + one / 4, 0)
      const sd = Math.sqrt(weighed.reduce((sum, one) => sum + (one - mean) ** 2, 0) / 3)
      const taken = Array.from({ length: 16 }, () => 1.2 + 0.2 * next()).reduce((sum, one) => sum + one, 0)
      if (taken <= gramsForPulls(16, { mean, sd, n: 4 }, 0.9)!) enough += 1
    }
    expect(enough / 2000).toBeGreaterThan(0.88)
    expect(enough / 2000).toBeLessThan(0.92)
  })
  it('says at the field what it cannot take', () =>
    expect(editionNeedInput.safeParse({ ...asked, confidence: 1 }).error!.issues[0].path).toEqual([
      'confidence',
    ]))
})
