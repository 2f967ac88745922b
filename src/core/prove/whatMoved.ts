import { formatCelsiusStep, formatFine, formatGrams } from '../units/quantity'
import type { Modifier } from '../ink/mix'
import type { PressDetails } from '../press/pressCard'
import { isExhausted, isPressedByHand, middleReading, type PressSetting } from '../press/pressSetting'
import {
  amountOnScale,
  closerMm,
  readingWords,
  settable,
  tightened,
  type PressureScale,
} from '../press/pressureScale'
import { mean } from '../stats/mean'
import { plural } from '../units/counted'
import { formatNumber } from '../units/length'
import { compareSettings } from './compareSettings'
import { FEATURE_KEYS, FEATURES, type Feature, type Features } from './features'
import { settingEntries } from './settingEntries'
import type { Settings } from './settings'
import type { WayBack } from './wayBack'

/** Two judged proofs one after the other, and what was changed between them. */
export interface ProofPair {
  press: string
  plateKind: string
  paperId: string
  before: { settings: Settings; features: Features }
  after: { settings: Settings; features: Features }
}

/** Settings that move together as one act at the bench, and how its two ways are said. */
export const ACTS = {
  pressure: {
    keys: ['press.turns', 'press.turnsLeft', 'press.turnsRight'],
    up: 'press looser',
    down: 'press tighter',
    unit: 'mm',
    digits: 2,
    cost: 'seconds',
  },
  makeReady: {
    keys: ['press.makeReadyMm'],
    up: 'more make-ready',
    down: 'less make-ready',
    unit: 'mm',
    digits: 2,
    cost: 'minutes',
  },
  oil: {
    keys: ['ink.modifier.thin-oil'],
    up: 'more light oil',
    down: 'less light oil',
    unit: 'drops',
    digits: 0,
    cost: 'ink',
  },
  heavyOil: {
    keys: ['ink.modifier.thick-oil'],
    up: 'more heavy oil, against over-wiping',
    down: 'less heavy oil',
    unit: 'drops',
    digits: 0,
    cost: 'ink',
  },
  stiff: {
    keys: ['ink.modifier.magnesium'],
    up: 'stiffer ink, more magnesium',
    down: 'less magnesium',
    unit: 'g',
    digits: 1,
    cost: 'ink',
  },
  warmth: {
    keys: ['ink.plateC'],
    up: 'plate warmer',
    down: 'plate cooler',
    unit: '°C',
    digits: 0,
    cost: 'minutes',
  },
  wiping: {
    keys: ['wipe.seconds'],
    up: 'wipe longer',
    down: 'wipe shorter',
    unit: 's',
    digits: 0,
    cost: 'seconds',
  },
  damping: {
    keys: ['paper.targetUptakePercent'],
    up: 'sheet damper',
    down: 'sheet drier',
    unit: '%',
    digits: 0,
    cost: 'next-sheet',
  },
} as const satisfies Record<
  string,
  { keys: readonly string[]; up: string; down: string; unit: string; digits: number; cost: WayBack['cost'] }
>
export type Act = keyof typeof ACTS

/** Whether a setting is moved by an act: of several mixes, any one's. */
const isKeyOf = (act: Act, key: string): boolean =>
  (ACTS[act].keys as readonly string[]).includes(key.split('#')[0])

/** How easily an act is taken back, the easiest first. */
const EASE: Record<WayBack['cost'], number> = { seconds: 0, 'next-sheet': 1, minutes: 2, ink: 3, never: 4 }

/** What one act, one way, did to one feature over the trials there are. */
export interface Moved {
  act: Act
  way: 'up' | 'down'
  feature: Feature
  trials: number
  /** mean change of the feature, −2 … 2, a trial with several changes counted in part */ shift: number
  /** usual amount of the act, in its unit */ amount: number
}

/**
 * What a change of a press's readings is worth, mm of gap, tighter upward. A step of a press nobody measured counts as the quarter turn
 * most begin with, here and where the amount is said again, so that it comes out as the same number of steps.
 */
function tighterMm({ scale, readingLeft, readingRight }: PressSetting, delta: number): number {
  const at = middleReading({ readingLeft, readingRight })
  const steps = ((scale.heavier === 'up' ? 1 : -1) * delta) / scale.step
  return closerMm(scale, at - delta, at) ?? steps * QUARTER_TURN_MM
}

/** The table of what moved what, from pairs of judged proofs; only what was moved at least once stands in it. */
export function whatMovedWhat(pairs: readonly ProofPair[]): Moved[] {
  const cells = new Map<
    string,
    {
      act: Act
      way: 'up' | 'down'
      feature: Feature
      weight: number
      sum: number
      amount: number
      trials: number
    }
  >()
  for (const { before, after } of pairs) {
    const changes = compareSettings(before.settings, after.settings)
    const entries = [before, after].map(
      ({ settings }) => new Map(settingEntries(settings).map(({ key, value }) => [key, value])),
    )
    const acts = (Object.keys(ACTS) as Act[]).flatMap((act) => {
      const touched = changes.filter(({ key }) => isKeyOf(act, key))
      if (touched.length === 0) return []
      // What was not there before was none of it.
      const number = (value: string | number | undefined) => (typeof value === 'number' ? value : 0)
      const deltas = touched.map(
        ({ key, delta }) => delta ?? number(entries[1].get(key)) - number(entries[0].get(key)),
      )
      return [
        { act, delta: act === 'pressure' ? -tighterMm(after.settings.press, mean(deltas)) : mean(deltas) },
      ]
    })
    const others = changes.filter(
      ({ key }) => !(Object.keys(ACTS) as Act[]).some((act) => isKeyOf(act, key)),
    ).length
    const weight = 1 / Math.max(1, acts.length + others)
    for (const { act, delta } of acts) {
      for (const feature of FEATURE_KEYS) {
        const shift = (after.features[feature] ?? 0) - (before.features[feature] ?? 0)
        const way = delta > 0 ? 'up' : 'down'
        const key = `${act} ${way} ${feature}`
        const cell = cells.get(key) ?? { act, way, feature, weight: 0, sum: 0, amount: 0, trials: 0 }
        cells.set(key, {
          ...cell,
          weight: cell.weight + weight,
          sum: cell.sum + weight * shift,
          amount: cell.amount + Math.abs(delta),
          trials: cell.trials + 1,
        })
      }
    }
  }
  return [...cells.values()]
    .map(({ act, way, feature, weight, sum, amount, trials }) => ({
      act,
      way,
      feature,
      trials,
      shift: sum / weight,
      amount: amount / trials,
    }))
    .filter(({ shift }) => shift !== 0)
}

/** The quarter turn most begin with, on screws of about 2 mm a turn: what it does to the gap [common practice, no source]. */
const QUARTER_TURN_MM = 0.5

type Remedies = readonly (readonly [Act, 'up' | 'down', number])[]

/** Ink left in the lines: the paper was not pressed into them, was too dry to take it, or the ink too stiff to leave. */
const LEFT_IN_THE_LINES: Remedies = [
  ['pressure', 'down', QUARTER_TURN_MM],
  ['damping', 'up', 5],
  ['oil', 'up', 1],
]
/** Lines empty and the print weak: wiped out, or never filled; heavy oil guards against that, and light oil would not. */
const EMPTY_LINES: Remedies = [
  ['wiping', 'down', 45],
  ['heavyOil', 'up', 2],
]

/**
 * The trade's usual remedies [common practice, no source]: for a feature too little or too much, acts with amounts, the first tried first.
 * Light oil softens, leaves more tone and a weaker line: it is none for too much tone.
 */
const USUAL: Partial<Record<Feature, Record<-1 | 1, Remedies>>> = {
  plate: { [-1]: EMPTY_LINES, 1: LEFT_IN_THE_LINES },
  line: {
    [-1]: LEFT_IN_THE_LINES,
    1: [
      ['pressure', 'up', QUARTER_TURN_MM],
      ['oil', 'down', 1],
      ['stiff', 'up', 0.2],
    ],
  },
  emboss: {
    [-1]: [
      ['pressure', 'down', QUARTER_TURN_MM],
      ['makeReady', 'up', 0.2],
    ],
    1: [['pressure', 'up', QUARTER_TURN_MM]],
  },
  tone: {
    [-1]: [
      ['wiping', 'down', 45],
      ['oil', 'up', 1],
    ],
    1: [
      ['wiping', 'up', 45],
      ['oil', 'down', 1],
    ],
  },
  edges: { 1: [['wiping', 'up', 20]], [-1]: [['wiping', 'down', 20]] },
  colour: { [-1]: [['pressure', 'down', QUARTER_TURN_MM / 2]], 1: [['wiping', 'up', 30]] },
  dampness: { [-1]: [['damping', 'up', 5]], 1: [['damping', 'down', 5]] },
}

/** Complaints whose remedy the plate decides, once somebody looked at it after the pull. */
const BY_THE_PLATE: ReadonlySet<Feature> = new Set<Feature>(['line', 'colour'])

function usualRemedies(feature: Feature, value: -1 | 1, { plate }: Features): Remedies {
  if (plate && value < 0 && BY_THE_PLATE.has(feature)) return USUAL.plate![plate]
  return USUAL[feature]?.[value] ?? []
}

/** Whether the plate should be looked at before anything is changed: a weak line, and nobody said what the pull left in it. */
export const asksForThePlate = ({ line, colour, plate }: Features): boolean =>
  !plate && (line === -1 || colour === -1)

/** A next change that is offered for a complaint, with what it rests on. */
export interface Suggestion {
  act: Act
  words: string
  complaint: Feature
  basis: string
  trials: number
}

/** Units that are written in whichever is read first. */
const IN_UNITS: Record<string, ((amount: number, digits: number) => string) | undefined> = {
  mm: formatFine,
  g: formatGrams,
  '°C': formatCelsiusStep,
}

/** An amount of an act with its unit, one or many: "1 drop", "2 drops". */
export function amountWords(act: Act, amount: number): string {
  const { digits, unit } = ACTS[act]
  const number = formatNumber(amount, digits)
  if (unit === 'drops') return `${number} ${Number(number) <= 1 ? unit.slice(0, -1) : unit}`
  if (act === 'pressure') return `${formatFine(amount, digits)} of gap`
  return IN_UNITS[unit]?.(amount, digits) ?? `${number} ${unit}`
}

/** What the press of a remedy is known by: how it presses. */
export type KnownPress = Pick<PressDetails, 'kind'>

/** Where turns are made; a gauge and a notch say where by themselves. */
const atTheSides = ({ sides }: PressureScale): string => (sides === 1 ? ' at the screw' : ' at both screws')

/**
 * A change of the gap in the press's own language: so many turns, or from one reading to the next. Both sides together are one change.
 *
 * @param way up: looser
 * @example pressureWords(0.5, 'down', press) // "1/4 turn at both screws (0.5 mm)", "notch 3 to notch 4"
 */
export function pressureWords(
  mm: number,
  way: 'up' | 'down',
  press: Pick<PressSetting, 'scale' | 'readingLeft' | 'readingRight'>,
): string {
  const { scale } = press
  const from = middleReading(press)
  const sign = way === 'up' ? -1 : 1
  const stepMm = Math.abs(closerMm(scale, from, from + scale.step) ?? QUARTER_TURN_MM)
  // A screw stops between two marks, a notch does not.
  const least = scale.id === 'turns' ? 0.5 : 1
  const steps = Math.max(least, Math.round(mm / stepMm / least) * least)
  const by = steps * scale.step
  const moved = closerMm(scale, from, from + by)
  const inMm = moved === null ? '' : ` (${formatFine(Math.abs(moved), 2)})`
  if (scale.id === 'turns') return `${amountOnScale(scale, by)}${atTheSides(scale)}${inMm}`
  return `${readingWords(scale, from)} to ${readingWords(scale, settable(scale, tightened(scale, from, sign * steps)))}${inMm}`
}

/** What stood on the bench of the judged proof, as far as it decides which remedies there are. */
export interface RemedyBench {
  settings: Settings
  /** null: the press is not in the store */
  press: KnownPress | null
}

/** Whether a press goes any further; one that is packed has nothing to turn, and its pressure is changed by what is laid in. */
function canBeMoved(press: PressSetting, way: Moved['way']): boolean {
  const from = middleReading(press)
  return tightened(press.scale, from, way === 'up' ? -1 : 1) !== from
}

/** Whether a remedy can be followed at a bench: nothing can be taken out that is not in, no dry sheet is damper, no spent felt squeezes. */
function canBeDone(act: Act, way: Moved['way'], { settings, press }: RemedyBench): boolean {
  const holds = (modifier: Modifier) =>
    settings.ink.mixes.some(({ modifiers }) =>
      modifiers.some((one) => one.modifier === modifier && one.amount > 0),
    )
  if (way === 'down' && act === 'oil') return holds('thin-oil')
  if (way === 'down' && act === 'heavyOil') return holds('thick-oil')
  if (way === 'down' && act === 'stiff') return holds('magnesium')
  if (act === 'damping') return settings.paper.method !== 'dry'
  const isByHand = isPressedByHand(settings.press, press)
  if (act === 'makeReady') return !isByHand && !(way === 'up' && isExhausted(settings))
  if (act === 'pressure')
    return isByHand || (canBeMoved(settings.press, way) && (way === 'up' || !isExhausted(settings)))
  return true
}

/** A remedy in words, on a bench in its own units. */
function remedyWords(act: Act, way: Moved['way'], amount: number, bench: RemedyBench | null): string {
  if (act !== 'pressure' || !bench) return `${ACTS[act][way]} by about ${amountWords(act, amount)}`
  if (isPressedByHand(bench.settings.press, bench.press))
    return way === 'up' ? 'press with a lighter hand' : 'press harder, in overlapping strokes'
  return `${ACTS[act][way]} by about ${pressureWords(amount, way, bench.settings.press)}`
}

/**
 * The next single changes for what is wrong, ranked by evidence and then by how easily they go back. Where this press, plate kind
 * and paper have no trial that helped, the trade's usual remedy stands, marked as such; of a weak line by what the pull left in the plate.
 *
 * @param bench of the proof that was judged: remedies it cannot follow are left out; null: not known
 */
export function suggestChanges(
  features: Features,
  moved: readonly Moved[],
  { most = 4, bench = null }: { most?: number; bench?: RemedyBench | null } = {},
): Suggestion[] {
  const suggestions = FEATURE_KEYS.flatMap(
    (feature): (Suggestion & { strength: number; way: Moved['way'] })[] => {
      const value = features[feature]
      if (!value) return []
      const helped = moved.filter((one) => one.feature === feature && Math.sign(one.shift) === -value)
      const own = helped.map(({ act, way, trials, shift, amount }) => ({
        act,
        way,
        complaint: feature,
        trials,
        strength: Math.abs(shift) * Math.sqrt(trials),
        words: remedyWords(act, way, amount, bench),
        basis: `from ${trials} earlier ${plural(trials, 'trial', 'trials')} here`,
      }))
      const known = new Set(helped.map(({ act }) => act))
      const usual = usualRemedies(feature, value, features)
        .filter(([act]) => !known.has(act))
        .map(([act, way, amount]) => ({
          act,
          way,
          complaint: feature,
          trials: 0,
          strength: 0,
          words: remedyWords(act, way, amount, bench),
          basis: 'the trade’s usual remedy; no trial of yours yet',
        }))
      return [...own, ...usual].filter(({ act, way }) => bench === null || canBeDone(act, way, bench))
    },
  )
  // What the plate showed after the pull is the first test: its remedies come before those of other complaints.
  const isTested = ({ complaint }: Suggestion) =>
    Number(features.plate !== undefined && complaint === 'plate')
  return suggestions
    .sort(
      (a, b) =>
        b.strength - a.strength ||
        isTested(b) - isTested(a) ||
        EASE[ACTS[a.act].cost] - EASE[ACTS[b.act].cost],
    )
    .filter((one, i, all) => all.findIndex((other) => other.act === one.act && other.way === one.way) === i)
    .slice(0, most)
    .map(({ strength: _, way: __, ...suggestion }) => suggestion)
}

/** Trials with the same press, kind of plate and paper as a bench. */
export const pairsLike = (
  pairs: readonly ProofPair[],
  { press, plate, paper }: Pick<Settings, 'press' | 'plate' | 'paper'>,
): ProofPair[] =>
  pairs.filter(
    (pair) => pair.press === press.pressId && pair.plateKind === plate.kind && pair.paperId === paper.paperId,
  )

/**
 * What is offered first for what is wrong with a proof, from trials on its own press, kind of plate and paper; null: nothing is wrong, or
 * nothing speaks to it.
 */
export function adviseNext(
  features: Features | null,
  pairs: readonly ProofPair[],
  bench: RemedyBench,
): Suggestion | null {
  if (!features) return null
  return suggestChanges(features, whatMovedWhat(pairsLike(pairs, bench.settings)), { bench })[0] ?? null
}

/** A feature's shift in words, for the table. */
export const shiftWords = ({ feature, shift }: Pick<Moved, 'feature' | 'shift'>): string =>
  `${FEATURES[feature].label.toLowerCase()} toward ${shift > 0 ? FEATURES[feature].more : FEATURES[feature].less}`
