import { dayOf } from '../units/moment'
import { compareSettings } from '../prove/compareSettings'
import { controlChart, type ControlChart } from '../stats/controlChart'
import { handEffects, type HandEffect } from '../stats/handEffects'
import { mannKendall } from '../stats/mannKendall'
import { formatNumber } from '../units/length'
import { eyeSeries, type RunSeries } from './editionProgress'
import { handOf, WEARING_SPOTS } from './plateHistory'
import { QUANTITIES, QUANTITY_KEYS, readPull, type Pull, type Quantity } from './pull'

/** Values from which run rules say something beside the tolerance; from fewer the limits are wide. */
export const RULES_FROM = 8
/** A wear line is taken out when it explains at least this share of the scatter. */
const WEAR_SHARE = 0.3
const WEARS: ReadonlySet<Quantity> = new Set(WEARING_SPOTS)
/** Readings this closely tied move together. */
const TIED = 0.7
const TREND_P = 0.05

/** The straight line through a series by least squares, and the share of the scatter it explains. */
function lineThrough(points: readonly { pull: number; value: number }[]): {
  slope: number
  at: (pull: number) => number
  share: number
} {
  const n = points.length
  const [px, py] = [
    points.reduce((sum, { pull }) => sum + pull, 0) / n,
    points.reduce((sum, { value }) => sum + value, 0) / n,
  ]
  const sxx = points.reduce((sum, { pull }) => sum + (pull - px) ** 2, 0)
  const sxy = points.reduce((sum, { pull, value }) => sum + (pull - px) * (value - py), 0)
  const syy = points.reduce((sum, { value }) => sum + (value - py) ** 2, 0)
  const slope = sxx === 0 ? 0 : sxy / sxx
  return {
    slope,
    at: (pull) => py + slope * (pull - px),
    share: sxx === 0 || syy === 0 ? 0 : (sxy * sxy) / (sxx * syy),
  }
}

/** A series as its run rules see it: less its wear where it wears. */
export interface HeldSeries {
  quantity: Quantity
  chart: ControlChart
  /** fall a pull that was taken out; 0: none */ wearPerPull: number
}

/** Runs the rules over a series once there are enough values; even wear is taken out first, so that it does not sound as drift. */
export function holdSeries({ quantity, points }: Pick<RunSeries, 'quantity' | 'points'>): HeldSeries | null {
  if (points.length < RULES_FROM) return null
  const line = lineThrough(points)
  const wears = WEARS.has(quantity) && line.slope < 0 && line.share >= WEAR_SHARE
  const values = points.map(({ pull, value }) => (wears ? value - line.at(pull) : value))
  return { quantity, chart: controlChart({ values }), wearPerPull: wears ? -line.slope : 0 }
}

/** A drift in words, with what moved as it began. */
export interface Drift {
  quantity: Quantity | 'eye'
  words: string
  likely: string[]
  since: number
}

/** Usual causes of a drift, by what drifts and which way [common practice, no source]. */
const USUAL: Record<'up' | 'down', Partial<Record<Quantity | 'eye', string>>> = {
  up: {
    eye: 'ink stiffening or the wipe getting shorter',
    tone1: 'wipe getting lighter or ink stiffening',
    tone2: 'plate tone building up: turn the rag',
    tone3: 'wipe getting lighter',
    uptakePercent: 'sheets lying longer in the water',
    plateC: 'hotplate creeping up',
  },
  down: {
    eye: 'sheets drying, felts packing down, or wear',
    tone1: 'wear, or sheets drying',
    tone2: 'wipe getting harder',
    tone3: 'wear, or the wipe getting harder',
    uptakePercent: 'pack drying at its edges',
    plateC: 'plate cooling: hotplate or room',
  },
}

/** What changed about the pull a drift began at: settings of the two pulls round it, and readings that move with it. */
function whatMoved(
  pulls: readonly Pull[],
  since: number,
  quantity: Quantity | 'eye',
  points: readonly { pull: number; value: number }[],
): string[] {
  const at = pulls.findIndex(({ number }) => number === since)
  const changed = [at - 1, at].flatMap((i) =>
    i >= 1 && i < pulls.length
      ? compareSettings(pulls[i - 1].settings, pulls[i].settings).map(
          ({ words }) => `${words} at pull ${pulls[i].number}`,
        )
      : [],
  )
  const readings = new Map(pulls.map((pull) => [pull.number, readPull(pull).readings]))
  const tied = QUANTITY_KEYS.filter((other) => other !== quantity).flatMap((other) => {
    const pairs = points.flatMap(({ pull, value }) => {
      const with_ = readings.get(pull)?.[other]
      return with_ === undefined ? [] : [{ pull: with_, value }]
    })
    if (pairs.length < 6) return []
    const { slope, share } = lineThrough(pairs)
    return Math.sqrt(share) >= TIED
      ? [`${QUANTITIES[other].label.toLowerCase()} ${slope > 0 ? 'moves with it' : 'moves against it'}`]
      : []
  })
  return [...changed, ...tied]
}

/**
 * Drifts of an edition, said before the tolerance is broken: by the run rules of readings with wear taken out, and by the trend of
 * the eye. Each with what moved with it first, the usual cause after.
 */
export function findDrifts(pulls: readonly Pull[], series: readonly RunSeries[]): Drift[] {
  const edition = pulls.filter(({ kind }) => kind === 'edition')
  const drifts: Drift[] = series.flatMap(({ quantity, points }): Drift[] => {
    const held = holdSeries({ quantity, points })
    const signal = held?.chart.signals.filter(({ rule }) => /in a row|of 3|of 5/.test(rule)).at(-1)
    if (!held || !signal || points.length - 1 - signal.index > 3) return []
    const span = Number(/^(?:\d of )?(\d)/.exec(signal.rule)?.[1] ?? 1)
    const since = points[Math.max(0, signal.index + 1 - span)].pull
    const way = signal.rule.includes('rising')
      ? points[signal.index].value > points[signal.index - 1].value
      : points[signal.index].value >
        points
          .slice(0, Math.max(1, signal.index + 1 - span))
          .reduce((sum, { value }, _, all) => sum + value / all.length, 0)
    const direction = way ? 'up' : 'down'
    return [
      {
        quantity,
        since,
        words: `${QUANTITIES[quantity].label} drifts ${direction} since pull ${since}: ${signal.rule}${held.wearPerPull > 0 ? `, beyond its wear of ${formatNumber(held.wearPerPull, 4)} a pull` : ''}.`,
        likely: [
          ...whatMoved(edition, since, quantity, points),
          `usually ${USUAL[direction][quantity] ?? 'the bench'}`,
        ],
      },
    ]
  })
  const eyes = eyeSeries(edition)
  const trend = eyes.length >= 6 ? mannKendall(eyes.map(({ value }) => value)) : null
  if (trend && trend.p < TREND_P) {
    const direction = trend.s > 0 ? 'up' : 'down'
    const since = eyes.find(({ value }) => (direction === 'up' ? value > 0 : value < 0))?.pull ?? eyes[0].pull
    drifts.push({
      quantity: 'eye',
      since,
      words: `To the eye the prints get ${direction === 'up' ? 'darker' : 'lighter'} (Mann–Kendall, p ${formatNumber(trend.p, 3)}).`,
      likely: [...whatMoved(edition, since, 'eye', eyes), `usually ${USUAL[direction].eye}`],
    })
  }
  return drifts
}

/** Constant differences of the hands that wiped, wear taken out, for the quantity that shows them best; rejected prints do not count. */
export function handsOfEdition(
  pulls: readonly Pull[],
  series: readonly RunSeries[],
): { quantity: Quantity | 'eye'; hands: HandEffect[] } | null {
  const counted = pulls.filter(
    (pull) => pull.kind === 'edition' && readPull(pull).decision?.decision !== 'rejected',
  )
  const wiped = new Map(counted.map(({ number, hands }) => [number, handOf(hands)]))
  const of = (points: readonly { pull: number; value: number }[]) =>
    handEffects({
      prints: points.flatMap(({ pull, value }) => {
        const hand = wiped.get(pull)
        return hand ? [{ hand, value, pull }] : []
      }),
    }).hands
  const plainest = ({ hands }: { hands: HandEffect[] }) =>
    Math.max(...hands.map(({ difference, high }) => Math.abs(difference) / (high - difference)))
  const tones = series
    .filter(({ quantity }) => WEARS.has(quantity))
    .map(({ quantity, points }) => ({ quantity, hands: of(points) }))
    .filter(({ hands }) => hands.length > 0)
  if (tones.length > 0) return tones.reduce((best, one) => (plainest(one) > plainest(best) ? one : best))
  const eye = of(eyeSeries(counted))
  return eye.length > 0 ? { quantity: 'eye', hands: eye } : null
}

/** Coming back another day: whether two warm-ups in a row have matched since. @param today as the calendar in the workshop has it, YYYY-MM-DD */
export function warmUpsToday(pulls: readonly Pull[], today: string): { isNewDay: boolean; matched: number } {
  const last = pulls.findLast(({ kind }) => kind === 'edition')
  if (!last || dayOf(last.pulledAt, last.zone) >= today) return { isNewDay: false, matched: 0 }
  const warm = pulls.filter(
    ({ kind, pulledAt, zone }) => kind === 'warmup' && dayOf(pulledAt, zone) === today,
  )
  const eyes = warm.map((pull) => readPull(pull).eye)
  const unlike = eyes.findLastIndex((eye) => eye !== 'same')
  return { isNewDay: true, matched: eyes.length - 1 - unlike }
}
