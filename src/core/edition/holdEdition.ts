import { dayOf, isOnDay } from '../units/moment'
import { compareSettings } from '../prove/compareSettings'
import { handEffects, type HandEffect } from '../stats/handEffects'
import { mean } from '../stats/mean'
import { mannKendall } from '../stats/mannKendall'
import { scanShift, SHIFT_FROM, type Shift } from '../stats/shiftScan'
import { eyeSeries, type RunSeries } from './editionProgress'
import { handOf, WEARING_SPOTS } from './plateHistory'
import { QUANTITIES, QUANTITY_KEYS, writeDifference, type Quantity } from './quantities'
import { readPull } from './readPull'
import type { Pull } from './pull'

/** Prints from which a chart says something beside the tolerance. */
export const CHARTS_FROM = SHIFT_FROM
/**
 * How plain a shift must be before it is said, by chart. Of stable editions of 24 pulls each chart is wrong at some pull in about 1.5 %,
 * the eye in 1.5 to 2 %; with five charts and the eye fewer than one edition in ten hears a false alarm. Found by simulation
 * (`npm run bench -- alarms`, which also says what is heard of true shifts).
 */
const PLAIN = { chart: 2.4e-4, eye: 0.005 } as const
/** Of how many stable editions one is told of a shift that is none. */
export const FALSE_IN = 10
/** A wear line is taken out when it explains at least this share of the scatter. */
const WEAR_SHARE = 0.3
/** Spots whose tone falls with wear. */
const WEARS: ReadonlySet<Quantity> = new Set(WEARING_SPOTS)
/** Readings this closely tied move together. */
const TIED = 0.7

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

/** A series as it is looked at for shifts: less its wear where it wears. */
export interface HeldSeries {
  quantity: Quantity
  /** a shift that is plain; null: none */
  shift: Shift | null
  /** fall a pull that was taken out; 0: none */ wearPerPull: number
}

/** Looks for a shift in a series once there are enough values; even wear is taken out first, so that it does not sound as one. */
export function holdSeries({ quantity, points }: Pick<RunSeries, 'quantity' | 'points'>): HeldSeries | null {
  if (points.length < CHARTS_FROM) return null
  const line = lineThrough(points)
  const wears = WEARS.has(quantity) && line.slope < 0 && line.share >= WEAR_SHARE
  const shift = scanShift(points.map(({ pull, value }) => (wears ? value - line.at(pull) : value)))
  return {
    quantity,
    shift: shift && shift.p < PLAIN.chart ? shift : null,
    wearPerPull: wears ? -line.slope : 0,
  }
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
    eye: 'sheets drying, blankets packing down, or wear',
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
  const wiped = [at - 1, at].map((i) => (pulls[i] ? handOf(pulls[i].hands) : ''))
  const hand =
    wiped[0] && wiped[1] && wiped[0] !== wiped[1] ? [`${wiped[1]} wipes from pull ${since} on`] : []
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
  return [...changed, ...hand, ...tied]
}

/** Prints of the edition that were not thrown out: what was thrown out says nothing of how the others hold. */
const countedPulls = (pulls: readonly Pull[]): Pull[] =>
  pulls.filter((pull) => pull.kind === 'edition' && readPull(pull).decision?.decision !== 'rejected')

/** The most readings of one kind that count: those of prints that were not thrown out. */
export function mostReadings(pulls: readonly Pull[], series: readonly RunSeries[]): number {
  const counted = new Set(countedPulls(pulls).map(({ number }) => number))
  return Math.max(0, ...series.map(({ points }) => points.filter(({ pull }) => counted.has(pull)).length))
}

/** What a shift comes to: how far, since when, and how much is left of what passes. */
function shiftWords(
  quantity: Quantity,
  since: number,
  { shift, wearPerPull }: HeldSeries,
  points: readonly { pull: number; value: number }[],
  band: RunSeries['band'],
): string {
  const { label, unit } = QUANTITIES[quantity]
  const digits = unit === 'D' ? 2 : 1
  const by = shift!.by
  const after = points.slice(shift!.since)
  const now = mean(after.map(({ value }) => value))
  const room = band && (by > 0 ? band.high - now : now - band.low)
  const passes = (more: number) =>
    more > 0
      ? ` ${writeDifference(quantity, more, digits)} more and it no longer passes.`
      : ' It no longer passes on average.'
  const left = room === null ? '' : passes(room)
  return `${label} lies ${writeDifference(quantity, Math.abs(by), digits)} ${by > 0 ? 'higher' : 'lower'} since pull ${since}${wearPerPull > 0 ? ', wear taken out' : ''}.${left}`
}

/**
 * Shifts of an edition, said before the tolerance is broken: by a scan of its readings with wear taken out, and by the trend of the eye.
 * Each with what moved with it first, the usual cause after. How often a stable edition hears of one is known: see `PLAIN`.
 */
export function findDrifts(pulls: readonly Pull[], series: readonly RunSeries[]): Drift[] {
  const edition = countedPulls(pulls)
  const counted = new Set(edition.map(({ number }) => number))
  const drifts: Drift[] = series.flatMap(({ quantity, points: all, band }): Drift[] => {
    const points = all.filter(({ pull }) => counted.has(pull))
    const held = holdSeries({ quantity, points })
    if (!held?.shift) return []
    const since = points[held.shift.since].pull
    const direction = held.shift.by > 0 ? 'up' : 'down'
    return [
      {
        quantity,
        since,
        words: shiftWords(quantity, since, held, points, band),
        likely: [
          ...whatMoved(edition, since, quantity, points),
          `usually ${USUAL[direction][quantity] ?? 'the bench'}`,
        ],
      },
    ]
  })
  const eyes = eyeSeries(edition)
  const trend = eyes.length >= 6 ? mannKendall(eyes.map(({ value }) => value)) : null
  if (trend && trend.p < PLAIN.eye) {
    const direction = trend.s > 0 ? 'up' : 'down'
    const since = eyes.find(({ value }) => (direction === 'up' ? value > 0 : value < 0))?.pull ?? eyes[0].pull
    drifts.push({
      quantity: 'eye',
      since,
      words: `To the eye the prints get ${direction === 'up' ? 'darker' : 'lighter'}, from about pull ${since}: lay the newest beside the first accepted one before you go on.`,
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
  const counted = countedPulls(pulls)
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
  const warm = pulls.filter(({ kind, pulledAt, zone }) => kind === 'warmup' && isOnDay(pulledAt, today, zone))
  const eyes = warm.map((pull) => readPull(pull).eye)
  const unlike = eyes.findLastIndex((eye) => eye !== 'same')
  return { isNewDay: true, matched: eyes.length - 1 - unlike }
}
