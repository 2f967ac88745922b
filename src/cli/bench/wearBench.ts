import { forecastWear } from '@/core/edition/wearForecast'
import { pullsLeft } from '@/core/plate/leftOnPlate'
import { normals } from '@/core/stats/random'

const PLATES = 1000
/** Tone of a fresh plate and the floor, D; scatter of single prints, D; readings a plate. */
const FAMILY = { fresh: 1.5, floor: 1.2, scatter: 0.01, readings: 14 }
/** Of each kind: what it usually stands, and how much of its life is spent. Two hands, by turns or one after the other. */
const USUAL = [
  [5, 15],
  [10, 50],
  [30, 100],
  [150, 400],
] as const
const SPENT = [0.3, 0.7]
const HANDS_APART = 0.02
/** The normal deviate of a 90 % range. */
const Z = 1.645

/** How often the 90 % interval of the wear forecast holds the noise-free crossing, on simulated plates of its family: an even fall with normal scatter. */
function benchForecast(): boolean {
  const next = normals(2031)
  const tally = { covered: 0, none: 0 }
  for (let plate = 0; plate < PLATES; plate++) {
    const slope = 0.004 + 0.01 * Math.abs(next())
    const truth = (FAMILY.fresh - FAMILY.floor) / slope
    const observations = Array.from({ length: FAMILY.readings }, (_, i) => ({
      pull: i + 1,
      value: FAMILY.fresh - slope * (i + 1) + FAMILY.scatter * next(),
    }))
    const { low, high } = forecastWear({ observations, floor: FAMILY.floor })
    if (low === null) tally.none += 1
    else if (low <= truth && truth <= high!) tally.covered += 1
  }
  const share = (100 * tally.covered) / (PLATES - tally.none)
  const level = Array.from({ length: PLATES }, () =>
    forecastWear({
      observations: Array.from({ length: FAMILY.readings }, (_, i) => ({
        pull: i + 1,
        value: FAMILY.fresh + FAMILY.scatter * next(),
      })),
      floor: FAMILY.floor,
    }),
  ).filter(({ low }) => low !== null).length
  console.log(
    `wear-forecast, ${PLATES} plates (fall 0.004 D a pull and more, scatter ${FAMILY.scatter} D, ${FAMILY.readings} readings): the 90 % interval holds the noise-free crossing in ${share.toFixed(1)} % (wanted 85 to 95 %), no forecast ${((100 * tally.none) / PLATES).toFixed(1)} %; of series that only scatter ${((100 * level) / PLATES).toFixed(1)} % give one (wanted at most 5 %)`,
  )
  return share >= 85 && share <= 95 && level <= 0.05 * PLATES
}

/** How often the 90 % range of pulls left holds the truth, over plates whose lives are as usual for their kind. */
function benchLife(): boolean {
  const next = normals(2032)
  let [covered, told] = [0, 0]
  for (const [low, high] of USUAL)
    for (const spent of SPENT)
      for (const isByTurns of [true, false]) {
        let own = 0
        const plates = PLATES / 4
        for (let plate = 0; plate < plates; plate++) {
          const life = Math.sqrt(low * high) * Math.exp((next() * Math.log(high / low)) / (2 * Z))
          const pulls = Math.max(6, Math.round(life * spent))
          const count = Math.min(pulls, 24)
          const apart = HANDS_APART * next()
          const readings = Array.from({ length: count }, (_, i) => {
            const pull = pulls - count + i + 1
            const hand = isByTurns ? i % 2 : Number(i >= count / 2)
            const fall = (FAMILY.fresh - FAMILY.floor) * (1 - pull / life)
            const value = FAMILY.floor + fall + (hand ? apart : -apart) + FAMILY.scatter * next()
            return { pull, value, hand: String(hand), rejected: false }
          })
          const left = Math.max(0, life - pulls)
          const range = pullsLeft({ usualLow: low, usualHigh: high, pulls, readings, floor: FAMILY.floor })
          // Pulls are whole: half of one is none.
          if (range.low - 0.5 <= left && left <= range.high + 0.5) own += 1
        }
        covered += own
        told += plates
        console.log(
          `plate-life, usually ${low} to ${high}, ${100 * spent} % spent, two hands ${isByTurns ? 'by turns' : 'one after the other'}: the 90 % range holds what is left in ${((100 * own) / plates).toFixed(1)} %`,
        )
      }
  const share = (100 * covered) / told
  console.log(`plate-life, all ${told}: ${share.toFixed(1)} % (wanted 85 to 97 %)`)
  return share >= 85 && share <= 97
}

/** Coverage of what is forecast of a plate's wear and life. */
export function benchWear(): boolean {
  const forecast = benchForecast()
  return benchLife() && forecast
}
