import { z } from 'zod'
import { mean } from '../stats/mean'
import { finite, nonNegative, positive } from '../units/schemas'

/** A reading of what wears: how many pulls the plate had by then, who wiped, and whether the print was thrown out. */
const plateReadingSchema = z.strictObject({
  pull: nonNegative,
  value: finite,
  hand: z.string(),
  rejected: z.boolean(),
})
export type PlateReading = z.infer<typeof plateReadingSchema>

const pulls = nonNegative.max(1e6, { error: 'must be at most 1000000' })
const stands = positive.max(1e6, { error: 'must be at most 1000000' })

export const plateLifeInput = z
  .strictObject({
    /** pulls a plate of its kind usually stands */
    usualLow: stands,
    usualHigh: stands,
    /** made so far, proofs too */
    pulls,
    /** what its maker says it stands */
    stated: stands.optional(),
    readings: z.array(plateReadingSchema).max(5000, { error: 'takes at most 5000 readings' }).optional(),
    /** where what is read no longer matches */
    floor: finite.optional(),
  })
  .superRefine(({ usualLow, usualHigh, readings, floor }, context) => {
    if (usualHigh < usualLow)
      context.addIssue({ code: 'custom', path: ['usualHigh'], message: 'must not be below usualLow' })
    if (readings && readings.length > 0 && floor === undefined)
      context.addIssue({ code: 'custom', path: ['floor'], message: 'say where readings no longer match' })
  })
export type PlateLifeInput = z.infer<typeof plateLifeInput>

export const plateLifeOutput = z.strictObject({ low: finite, high: finite, words: z.string() })

/** Pulls left on a plate, 90 % sure. */
export interface PullsLeft {
  low: number
  high: number
  /** whether the plate's own readings were enough to have a say */
  isByReadings: boolean
}

/** Readings from which a fall can be told from its scatter. */
const FEWEST = 4
/** What a maker's word is worth: within this factor, nine times in ten [common practice, no source: "about"]. */
const ABOUT = 1.25
/** Student's t with three degrees of freedom, and the normal deviate, not exceeded nineteen times in twenty (printed tables). */
const T3 = 2.353
const Z = 1.645
/** Steps of the lives that are tried, evenly in their logarithm, and how far past the usual they go. */
const STEPS = 400
const BEYOND = 10
/** How far hands may lie apart, in scatters of single prints, with the weight of each: a half-Cauchy law (Gelman 2006) by the trapezoid rule. */
const RATIOS = [0, 0.25, 0.5, 1, 2, 4, 8]
const APART = RATIOS.map((ratio, i) => ({
  ratio,
  weight: ((RATIOS[i + 1] ?? ratio) - (RATIOS[i - 1] ?? 0)) / 2 / (1 + ratio * ratio),
}))
/** Readings are never taken to be truer than this share of what lies above the floor: the step of a densitometer beside a dark line. */
const FINEST = 0.01

/** Sums over one hand's readings, from which those of every line through them follow. */
interface HandSums {
  n: number
  /** of pulls, of values above the floor, and of their products */
  p: number
  y: number
  pp: number
  py: number
  yy: number
}

const handSums = (readings: readonly PlateReading[], floor: number): HandSums =>
  readings.reduce(
    ({ n, p, y, pp, py, yy }, { pull, value }) => ({
      n: n + 1,
      p: p + pull,
      y: y + value - floor,
      pp: pp + pull * pull,
      py: py + pull * (value - floor),
      yy: yy + (value - floor) ** 2,
    }),
    { n: 0, p: 0, y: 0, pp: 0, py: 0, yy: 0 },
  )

/**
 * Sums of the column x = a + b·pull and of the values, weighted by the inverse of 1 + ratio²·(hand − mean of the hands): what a hand's
 * prints share counts once, and what all hands share is the plate's.
 */
function sumsOf(
  hands: readonly HandSums[],
  ratio: number,
  [a, b]: readonly [number, number],
): { xx: number; xy: number; yy: number; logDeterminant: number } {
  const sums = { xx: 0, xy: 0, yy: 0, logDeterminant: 0 }
  const spread = ratio * ratio
  let [ones, alongX, alongY] = [0, 0, 0]
  for (const { n, p, y, pp, py, yy } of hands) {
    const x = a * n + b * p
    const own = 1 + n * spread
    sums.xx += a * a * n + 2 * a * b * p + b * b * pp - (spread / own) * x * x
    sums.xy += a * y + b * py - (spread / own) * x * y
    sums.yy += yy - (spread / own) * y * y
    sums.logDeterminant += Math.log(own)
    ones += n / own
    alongX += x / own
    alongY += y / own
  }
  // The mean of the hands is taken back out, by Sherman and Morrison's formula.
  const shared = spread / hands.length
  const back = shared / (1 - shared * ones)
  sums.xx += back * alongX * alongX
  sums.xy += back * alongX * alongY
  sums.yy += back * alongY * alongY
  sums.logDeterminant += Math.log(1 - shared * ones)
  return sums
}

/**
 * How well a life goes with what is usual, as a logarithm. Toward short lives the tail is heavy, since a plate does fail early and
 * readings that are plain are to be believed; toward long ones it is normal: no plate of a kind lasts ten times as long as its kind.
 */
function logPrior(life: number, middle: number, half: number): number {
  const away = (Math.log(life) - middle) / half
  return away < 0 ? -2 * Math.log1p((away * T3) ** 2 / 3) : -((away * Z) ** 2) / 2
}

/** The pull that a share of the probability lies below, on an even logarithmic grid. */
function quantile(lives: readonly number[], weights: readonly number[], share: number): number {
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  let sum = 0
  for (let i = 0; i < lives.length; i++) {
    const next = sum + weights[i] / total
    if (next >= share) {
      const before = i === 0 ? lives[0] : lives[i - 1]
      return before * (lives[i] / before) ** ((share - sum) / (next - sum))
    }
    sum = next
  }
  return lives.at(-1)!
}

/**
 * Pulls left on a plate, nine times in ten. What its kind usually stands, or its maker says, is where it begins; its own readings move
 * that as far as their fall can be told from the hands that wiped and from the scatter of single prints, and no further.
 *
 * The model: value = floor + m·(L − pull)/(L − mean pull) + hand + scatter, L the life in pulls. The life goes by
 * `logPrior`, hands by a normal law round their own mean, as wide as the readings say, of m and the scatter nothing is known beforehand; all but L is integrated out (Bayes; Gelman et al., Bayesian Data Analysis,
 * chs. 5 and 14). It is right for a fall that is even and a scatter that is the same all along.
 */
export function pullsLeft({
  usualLow,
  usualHigh,
  pulls: made,
  stated,
  readings = [],
  floor = 0,
}: PlateLifeInput): PullsLeft {
  const [low, high] = stated === undefined ? [usualLow, usualHigh] : [stated, stated]
  const left = (life: number) => Math.max(0, life - made)
  const counted = readings.filter(({ rejected }) => !rejected)
  const hasRoom = new Set(counted.map(({ pull }) => pull)).size > 1
  if (counted.length < FEWEST || !hasRoom) return { low: left(low), high: left(high), isByReadings: false }

  const hands = [...new Set(counted.map(({ hand }) => hand))].map((one) =>
    handSums(
      counted.filter(({ hand }) => hand === one),
      floor,
    ),
  )
  const n = counted.length
  const meanPull = mean(counted.map(({ pull }) => pull))
  const above = mean(counted.map(({ value }) => value)) - floor
  const finest = n * (FINEST * above) ** 2 + Number.MIN_VALUE
  const [weak, strong] = stated === undefined ? [low, high] : [stated / ABOUT, stated * ABOUT]
  const middle = Math.log(weak * strong) / 2
  const half = Math.max(Math.log(strong / weak) / 2, Math.log(ABOUT))
  const last = Math.log(BEYOND * strong)
  const lives = Array.from({ length: STEPS }, (_, i) => Math.exp((last * (i + 0.5)) / STEPS))
  const logs = lives.map((life) => {
    const prior = logPrior(life, middle, half)
    return APART.map(({ ratio, weight }) => {
      const sums = sumsOf(hands, ratio, [life / (life - meanPull), -1 / (life - meanPull)])
      const squares = Math.max(0, sums.yy - (sums.xy * sums.xy) / sums.xx) + finest
      // A plate that had nothing above the floor to lose is none.
      if (!(sums.xy * (life - meanPull) > 0)) return -Infinity
      return (
        prior + Math.log(weight) - (sums.logDeterminant + Math.log(sums.xx) + (n - 1) * Math.log(squares)) / 2
      )
    })
  })
  const most = Math.max(...logs.flat())
  if (!Number.isFinite(most)) return { low: 0, high: 0, isByReadings: true }
  const weights = logs.map((row) => row.reduce((sum, log) => sum + Math.exp(log - most), 0))
  return {
    low: left(quantile(lives, weights, 0.05)),
    high: left(quantile(lives, weights, 0.95)),
    isByReadings: true,
  }
}
