import { normals } from '@/core/stats/random'
import { forecastWear } from '@/core/edition/wearForecast'

const PLATES = 1000
/** Tone of a fresh plate and the floor, D; scatter of single prints, D; readings a plate. */
const FAMILY = { fresh: 1.5, floor: 1.2, scatter: 0.01, readings: 14 }

/** How often the 90 % interval of the wear forecast holds the noise-free crossing, on simulated plates of its family: an even fall with normal scatter. */
export function benchWear(): boolean {
  const next = normals(2031)
  const tally = { covered: 0, bounded: 0, none: 0 }
  for (let plate = 0; plate < PLATES; plate++) {
    const slope = 0.004 + 0.01 * Math.abs(next())
    const truth = (FAMILY.fresh - FAMILY.floor) / slope
    const observations = Array.from({ length: FAMILY.readings }, (_, i) => ({
      pull: i + 1,
      value: FAMILY.fresh - slope * (i + 1) + FAMILY.scatter * next(),
    }))
    const { low, high } = forecastWear({ observations, floor: FAMILY.floor })
    if (low === null) tally.none += 1
    else if (low <= truth && (high === null || truth <= high)) tally.covered += 1
    if (high !== null) tally.bounded += 1
  }
  const share = (100 * tally.covered) / (PLATES - tally.none)
  console.log(
    `${PLATES} plates (fall 0.004 D a pull and more, scatter ${FAMILY.scatter} D, ${FAMILY.readings} readings): the 90 % interval holds the noise-free crossing in ${share.toFixed(1)} % (wanted 85 to 95 %); bounded ${((100 * tally.bounded) / PLATES).toFixed(1)} %, no forecast ${((100 * tally.none) / PLATES).toFixed(1)} %`,
  )
  return share >= 85 && share <= 95
}
