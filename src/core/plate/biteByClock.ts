import { z } from 'zod'
import { finite, positive } from '../units/schemas'
import { DOUBLING_C } from './biteCurve'
import { METAL_IN_MORDANT, METALS, mayBite, MORDANTS, type Metal, type Mordant } from './mordants'

/** How a bath bites a metal at 20 °C, µm a minute, as a range that shops of one trade differ over [from memory: a first bite corrects it]. */
const RATES: Partial<Record<`${Metal} ${Mordant}`, { low: number; high: number; firstLook: number }>> = {
  'copper ferric': { low: 1, high: 2.5, firstLook: 5 },
  'brass ferric': { low: 1, high: 3, firstLook: 5 },
  'aluminium saline-sulphate': { low: 5, high: 20, firstLook: 1 },
  'zinc saline-sulphate': { low: 2, high: 10, firstLook: 1 },
}
/** Degrees at which those rates hold. */
const RATED_C = 20
/** Ferric of another strength than 42 °Bé: each degree weaker bites this much faster, down to the degrees below [from memory]. */
const FERRIC = { usual: 42, weakest: 34, fasterADegree: 0.04 }
/** Nitric is looked at on a scrap after so long before the plate goes in, minutes [common practice, no source]. */
const NITRIC_FIRST_LOOK = 0.5
/** A look follows the one before by half as much again of all the time so far, and never sooner than a minute [common practice, no source]. */
const NEXT_LOOK = { share: 0.5, least: 1 }
const MOST_LOOKS = 8

export const biteByClockInput = z.strictObject({
  metal: z.enum(Object.keys(METALS) as [Metal, ...Metal[]]),
  mordant: z.enum(Object.keys(MORDANTS) as [Mordant, ...Mordant[]]),
  depthMicrometres: positive.max(2000, { error: 'must be at most 2000 µm' }),
  bathC: finite
    .min(5, { error: 'must be within 5 and 40 °C' })
    .max(40, { error: 'must be within 5 and 40 °C' }),
  /** of ferric chloride, degrees Baumé; null: as usual */
  baume: finite
    .min(20, { error: 'must be within 20 and 50 °Bé' })
    .max(50, { error: 'must be within 20 and 50 °Bé' })
    .nullable()
    .default(null),
  /** what a bite in this bath at this warmth came to; null: none was measured */
  measured: z
    .strictObject({ minutes: positive.max(1440), depthMicrometres: positive.max(5000) })
    .nullable()
    .default(null),
})
export type BiteByClock = z.input<typeof biteByClockInput>

/** When to look, and how long it takes; or why nothing is reckoned. */
export type ClockPlan =
  | { refused: string }
  | {
      refused: null
      /** what is to be minded; empty: nothing beyond the usual cautions */
      warning: string
      /** minutes at which it is looked at, from the start */
      looks: number[]
      /** minutes to the depth; null: only the label and the workshop's own procedure say */
      minutes: { low: number; high: number } | null
      /** by a bite that was measured, and not by what is usual */
      isMeasured: boolean
    }

/** How much faster a bath bites than at 20 °C and the usual strength. */
function faster({ mordant, bathC, baume }: z.output<typeof biteByClockInput>): number {
  const warm = 2 ** ((bathC - RATED_C) / DOUBLING_C)
  if (mordant !== 'ferric' || baume === null) return warm
  return warm * (1 + FERRIC.fasterADegree * (FERRIC.usual - Math.max(FERRIC.weakest, baume)))
}

/** Looks from the first on, each after half as much time again, until the longest bite is over. */
function looksUntil(first: number, end: number): number[] {
  const looks = [first]
  while (looks.length < MOST_LOOKS && looks.at(-1)! < end) {
    const so = looks.at(-1)!
    looks.push(Math.round(10 * (so + Math.max(NEXT_LOOK.least, so * NEXT_LOOK.share))) / 10)
  }
  return looks
}

/**
 * Plans a bite where no strip was bitten: the first look and the next ones, and how long the depth is likely to take.
 *
 *     minutes = depth / (rate · 2^((bath − 20)/10) · strength), rate as a range; or depth · minutes / depth of a bite that was measured
 *
 * Nitric has no usual strength and no usual time: only the first look at a scrap is given. [rates from memory; looks common practice, no source]
 *
 * @example planByClock({ metal: 'copper', mordant: 'saline-sulphate', depthMicrometres: 50, bathC: 20 })
 *   // { refused: 'Saline copper sulphate does not bite copper: use ferric chloride.' }
 */
export function planByClock(input: BiteByClock): ClockPlan {
  const wish = biteByClockInput.parse(input)
  const { metal, mordant, depthMicrometres, measured } = wish
  const { words } = METAL_IN_MORDANT[metal][mordant]
  if (!mayBite(metal, mordant)) return { refused: words }
  if (mordant === 'nitric')
    return {
      refused: null,
      warning: words,
      looks: [NITRIC_FIRST_LOOK],
      minutes: null,
      isMeasured: false,
    }
  const usual = RATES[`${metal} ${mordant}`]
  const by = faster(wish)
  if (measured) {
    const minutes = (depthMicrometres * measured.minutes) / measured.depthMicrometres
    const first = Math.max(0.5, Math.round(5 * minutes) / 10)
    return {
      refused: null,
      warning: words,
      looks: looksUntil(first, minutes),
      minutes: { low: minutes, high: minutes },
      isMeasured: true,
    }
  }
  if (!usual)
    return {
      refused: null,
      warning: words,
      looks: looksUntil(1, 10),
      minutes: null,
      isMeasured: false,
    }
  const minutes = {
    low: depthMicrometres / (usual.high * by),
    high: depthMicrometres / (usual.low * by),
  }
  const first = Math.max(0.5, Math.round(10 * Math.min(usual.firstLook / by, minutes.low)) / 10)
  return {
    refused: null,
    warning: words,
    looks: looksUntil(first, minutes.high),
    minutes,
    isMeasured: false,
  }
}
