import { mean } from './mean'
import { studentQuantile } from './studentT'

/** A reading of one print: how many pulls the plate had, whose hand it was, and what was read. */
export interface HandReading {
  pull: number
  hand: string
  value: number
}

/** One hand's readings, as the trend through all of them sees it. */
export interface HandLevel {
  hand: string
  count: number
  /** mean of its pulls */
  meanPull: number
  /** its value at the mean of all pulls, the trend taken out */
  level: number
}

/** A common trend with a constant for each hand, and scatter. */
export interface TrendAndHands {
  slope: number
  hands: HandLevel[]
  /** mean of all pulls */
  centre: number
  /** squares of the pulls about their own hand's mean: what tells the trend apart from the hands; 0: nothing does */
  within: number
  /** variance of the scatter */
  variance: number
  degrees: number
}

/** Most decimals that a reading is looked at for. */
const DECIMALS = 6

/** The step an instrument seems to read in: the finest decimal place its values use. */
export function stepOf(values: readonly number[]): number {
  for (let places = 0; places < DECIMALS; places++) {
    const scale = 10 ** places
    if (values.every((value) => Math.abs(value * scale - Math.round(value * scale)) < 1e-6)) return 1 / scale
  }
  return 10 ** -DECIMALS
}

/**
 * Least squares through readings with one trend for all and a constant for each hand (analysis of covariance, Fisher 1932). Readings
 * without any scatter have that of their rounding, step²/12.
 *
 * @returns null where nothing is left over to tell the scatter from
 */
export function fitTrendAndHands(readings: readonly HandReading[]): TrendAndHands | null {
  if (readings.length === 0) return null
  const centre = mean(readings.map(({ pull }) => pull))
  const groups = [...new Set(readings.map(({ hand }) => hand))].map((hand) => {
    const own = readings.filter((one) => one.hand === hand)
    return {
      hand,
      own,
      meanPull: mean(own.map(({ pull }) => pull)),
      meanValue: mean(own.map(({ value }) => value)),
    }
  })
  let [within, products, squares] = [0, 0, 0]
  for (const { own, meanPull, meanValue } of groups)
    for (const { pull, value } of own) {
      within += (pull - meanPull) ** 2
      products += (pull - meanPull) * (value - meanValue)
      squares += (value - meanValue) ** 2
    }
  const hasTrend = within > 0
  const degrees = readings.length - groups.length - (hasTrend ? 1 : 0)
  if (degrees < 1) return null
  const slope = hasTrend ? products / within : 0
  const left = squares - slope * products
  const step = stepOf(readings.map(({ value }) => value))
  return {
    slope,
    hands: groups.map(({ hand, own, meanPull, meanValue }) => ({
      hand,
      count: own.length,
      meanPull,
      level: meanValue - slope * (meanPull - centre),
    })),
    centre,
    within,
    variance: left > (step * 1e-6) ** 2 ? left / degrees : step ** 2 / 12,
    degrees,
  }
}

/** Probability below the upper end of a 90 % interval. */
const UPPER = 0.95

/**
 * What the next single reading should be, nine times in ten: the trend at that pull, that hand's constant, and the scatter of one print
 * (prediction interval of least squares). A hand that was not there yet stands at the mean of the hands.
 */
export function nextReading(
  { slope, hands, centre, within, variance, degrees }: TrendAndHands,
  hand: string,
  pull: number,
): { low: number; high: number } {
  const own = hands.find((one) => one.hand === hand)
  const level = own?.level ?? mean(hands.map((one) => one.level))
  const known = own ? 1 / own.count : mean(hands.map(({ count }) => 1 / count)) / hands.length
  const away = pull - (own?.meanPull ?? centre)
  const half =
    studentQuantile(UPPER, degrees) *
    Math.sqrt(variance * (1 + known + (within > 0 ? (away * away) / within : 0)))
  const middle = level + slope * (pull - centre)
  return { low: middle - half, high: middle + half }
}
