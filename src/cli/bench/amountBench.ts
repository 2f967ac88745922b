import { gramsForPulls } from '@/core/edition/editionNeed'
import { normals } from '@/core/stats/random'
import { startsNeeded } from '@/core/stats/startsNeeded'
import { uniforms } from '@/core/stats/random'

const EDITIONS = 4000
/** As sure as is asked for. */
const SURE = 0.9

/** How often ink and sheets reckoned nine in ten sure do suffice, in simulated editions. */
export function benchAmount(): boolean {
  const [next, uniform] = [normals(2035), uniforms(2036)]
  const met: boolean[] = []
  for (const [weighings, pulls] of [
    [2, 12],
    [3, 18],
    [6, 30],
  ]) {
    let enough = 0
    for (let edition = 0; edition < EDITIONS; edition++) {
      const weighed = Array.from({ length: weighings }, () => 1.2 + 0.2 * next())
      const mean = weighed.reduce((sum, one) => sum + one / weighings, 0)
      const sd = Math.sqrt(weighed.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (weighings - 1))
      let taken = 0
      for (let pull = 0; pull < pulls; pull++) taken += 1.2 + 0.2 * next()
      if (taken <= gramsForPulls(pulls, { mean, sd, n: weighings }, SURE)!) enough += 1
    }
    const share = enough / EDITIONS
    met.push(share > SURE - 0.02 && share < SURE + 0.02)
    console.log(
      `ink for ${pulls} pulls from ${weighings} weighings: suffices in ${(100 * share).toFixed(1)} % (wanted ${100 * SURE} %)`,
    )
  }
  for (const [accepted, rejects] of [
    [10, 1 / 8],
    [24, 1 / 8],
    [100, 1 / 4],
  ]) {
    let enough = 0
    for (let edition = 0; edition < EDITIONS; edition++) {
      // Twenty prints of the same shop before, by the same rate.
      let [good, bad] = [0, 0]
      for (let i = 0; i < 20; i++) {
        if (uniform() < rejects) bad += 1
        else good += 1
      }
      const { starts } = startsNeeded({
        accepted,
        earlierAccepted: good,
        earlierRejected: bad,
        confidence: SURE,
      })
      let out = 0
      for (let i = 0; i < starts; i++) if (uniform() >= rejects) out += 1
      if (out >= accepted) enough += 1
    }
    const share = enough / EDITIONS
    met.push(share > 0.8)
    console.log(
      `sheets for ${accepted} prints at ${(100 * rejects).toFixed(1)} % rejects, from 20 prints before: suffice in ${(100 * share).toFixed(1)} % (sure ${100 * SURE} % where the rate is as usual, 1 in 8; the rate of any one shop differs)`,
    )
  }
  return met.every(Boolean)
}
