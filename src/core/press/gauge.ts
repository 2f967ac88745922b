import { z } from 'zod'
import { finite, nonNegative } from '../units/schemas'

/** A reading of a press, and the gap between roller and bed measured there. */
export const gaugeLine = z.strictObject({
  reading: finite,
  mm: nonNegative.max(200, { error: 'must be at most 200 mm' }),
})
/** Readings rise, and the gap goes one way all along. */
export type Gauge = z.infer<typeof gaugeLine>[]

/** Reads one column of a gauge's table at a value of the other, straight between its lines and along the last ones beyond. */
function along(table: readonly { at: number; value: number }[], at: number): number {
  const next = table.findIndex((line) => line.at >= at)
  const high = next === -1 ? table.length - 1 : Math.max(1, next)
  const [a, b] = [table[high - 1], table[high]]
  return a.value + ((at - a.at) * (b.value - a.value)) / (b.at - a.at)
}

/** Gap at a reading of the gauge, mm. @param gauge two lines or more */
export const gaugeToMm = (gauge: Gauge, reading: number): number =>
  along(
    gauge.map((line) => ({ at: line.reading, value: line.mm })),
    reading,
  )

/** Reading at which the gauge leaves a gap. @param gauge two lines or more, whichever way the gap goes */
export const mmToGauge = (gauge: Gauge, mm: number): number =>
  along(
    gauge.map((line) => ({ at: line.mm, value: line.reading })).sort((a, b) => a.at - b.at),
    mm,
  )
