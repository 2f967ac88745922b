import { z } from 'zod'
import { studentQuantile } from '../stats/studentT'
import { finite, nonNegative } from '../units/schemas'

/** Readings from which a line and its scatter can be told. */
const FEWEST = 4
/** Share of each tail outside the 90 % interval. */
const TAIL = 0.95
/** A fall is one when no more than 1 in 40 series without any would show it. */
const FALLS = 0.975

export const wearForecastInput = z.strictObject({
  observations: z
    .array(z.strictObject({ pull: nonNegative, value: finite }))
    .min(1, { error: 'needs at least one reading' })
    .max(100_000, { error: 'takes at most 100000 readings' }),
  floor: finite,
})
export const wearForecastOutput = z.strictObject({
  pullAtFloor: finite.nullable(),
  low: finite.nullable(),
  high: finite.nullable(),
  reason: z.string().optional(),
})
export type WearForecast = z.infer<typeof wearForecastOutput>

const none = (reason: string): WearForecast => ({ pullAtFloor: null, low: null, high: null, reason })

/**
 * The pull at which a reading that falls evenly with pulls reaches its floor, and a 90 % interval for where the line itself
 * (free of the scatter of single prints) crosses: ordinary least squares and Fieller's theorem (Fieller 1954).
 * With u = x − x̄, m = ȳ − floor and slope b: (m + bu)² = t²s²(1/n + u²/Sxx).
 *
 * The family it is right for: value = a − b·pull + normal scatter, the same all along. There is no forecast while the fall cannot be
 * told from the scatter (one-sided t test of the slope, 2.5 %): of readings that only scatter, 1 series in 40 gives one.
 */
export function forecastWear({ observations, floor }: z.infer<typeof wearForecastInput>): WearForecast {
  const n = observations.length
  if (n < FEWEST) return none(`needs at least ${FEWEST} readings, has ${n}`)
  const meanPull = observations.reduce((sum, { pull }) => sum + pull, 0) / n
  const meanValue = observations.reduce((sum, { value }) => sum + value, 0) / n
  const sxx = observations.reduce((sum, { pull }) => sum + (pull - meanPull) ** 2, 0)
  if (sxx === 0) return none('all readings are of one pull')
  const slope =
    observations.reduce((sum, { pull, value }) => sum + (pull - meanPull) * (value - meanValue), 0) / sxx
  if (!(slope < 0)) return none('the readings do not fall')
  const squares = observations.reduce(
    (sum, { pull, value }) => sum + (value - meanValue - slope * (pull - meanPull)) ** 2,
    0,
  )
  const m = meanValue - floor
  const pullAtFloor = meanPull - m / slope
  const spread = (studentQuantile(TAIL, n - 2) ** 2 * squares) / (n - 2)
  const told = (studentQuantile(FALLS, n - 2) ** 2 * squares) / (n - 2) / sxx
  if (slope * slope < told) return none('the fall cannot be told from the scatter yet')
  const a = slope * slope - spread / sxx
  const root = Math.sqrt(Math.max(0, (m * slope) ** 2 - a * (m * m - spread / n)))
  return { pullAtFloor, low: meanPull + (-m * slope - root) / a, high: meanPull + (-m * slope + root) / a }
}
