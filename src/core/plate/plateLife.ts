import type { z } from 'zod'
import { pullsLeft, type plateLifeOutput, type PlateLifeInput, type PlateReading } from './leftOnPlate'
import type { StandsHere } from './standsHere'
import { PLATE_KINDS, type PlateKind, type PlateSetting } from './plate'

/** What is left of a plate: every pull spends it, proofs too. */
export interface PlateLife {
  spent: number
  /** Pulls left if the plate is a weak one, never below 0. */
  leftAtLeast: number
  /** Pulls left if the plate is a strong one, never below 0. */
  leftAtMost: number
  /** `fresh` while a weak plate would still print, `watch` beyond that, `past` when even a strong one would be worn. */
  standing: 'fresh' | 'watch' | 'past'
  /** what the count rests on: its kind alone, a steel facing, what its maker said, other plates of the kind here, or this plate's own readings; `never`: its kind does not wear */
  by: 'kind' | 'here' | 'facing' | 'maker' | 'readings' | 'never'
}

/** Pulls a steel-faced copper plate usually stands from the facing on [common practice, no source: "hundreds"]. */
export const FACED_STANDS = [200, 500] as const

/** Kinds that are steel faced: electroplating takes to copper (and to mezzotints, which are cut in it). */
export const canBeFaced = (kind: PlateKind): boolean => PLATE_KINDS[kind].canBeFaced

/** Of a kind that does not wear. */
const NEVER = [Infinity, Infinity] as const

/** What is known of a plate beyond its kind. */
export interface PlateHistory {
  /** pulls made before the newest steel facing; null: none */
  facedAfter?: number | null
  /** readings of what wears, by the plate's own count of pulls, and where they no longer match */
  line?: { floor: number; readings: readonly PlateReading[] } | null
  /** what other plates of its kind stood in this workshop; null: there is none to tell by */
  here?: StandsHere | null
}

/** What a life is reckoned from: the kind, and what its maker says. */
export type LastingPlate = Pick<PlateSetting, 'kind' | 'standsAbout'>

function beforeReadings({ standsAbout }: LastingPlate, { facedAfter, here }: PlateHistory): PlateLife['by'] {
  if (typeof standsAbout === 'number') return 'maker'
  if (typeof facedAfter === 'number') return 'facing'
  return here ? 'here' : 'kind'
}

/** Pulls a plate usually stands: of its facing where it has one, else of its kind, here or anywhere. */
function usuallyStands(
  kind: PlateKind,
  { facedAfter, here }: PlateHistory,
): readonly [low: number, high: number] {
  if (typeof facedAfter === 'number') return FACED_STANDS
  return here ? [here.low, here.high] : (PLATE_KINDS[kind].stands ?? NEVER)
}

/** The reckoning's input: what is usual, from the newest facing on, what the maker says, and the readings since then. */
function reckonedFrom(
  { kind, standsAbout }: LastingPlate,
  pulls: number,
  history: PlateHistory,
): PlateLifeInput {
  const { facedAfter = null, line = null } = history
  const since = facedAfter ?? 0
  const [low, high] = usuallyStands(kind, history)
  return {
    usualLow: since + low,
    usualHigh: since + high,
    pulls,
    stated: standsAbout ?? undefined,
    readings: line?.readings.filter(({ pull }) => pull > since),
    floor: line?.floor,
  }
}

/**
 * Forecasts plate life, nine times in ten (`pullsLeft`): from what its kind usually stands [common practice, no source] or
 * stood here (`standsHere`), from its newest steel facing, or from what its maker says, moved by this plate's own readings as far as they tell.
 *
 * @param pullsMade every pull from this plate, proofs and warm-ups included
 */
export function plateLife(plate: LastingPlate, pullsMade: number, history: PlateHistory = {}): PlateLife {
  if (PLATE_KINDS[plate.kind].stands === null && typeof plate.standsAbout !== 'number')
    return { spent: pullsMade, leftAtLeast: Infinity, leftAtMost: Infinity, standing: 'fresh', by: 'never' }
  const { low, high, isByReadings } = pullsLeft(reckonedFrom(plate, pullsMade, history))
  return lifeFrom({ low, high }, pullsMade, isByReadings ? 'readings' : beforeReadings(plate, history))
}

/** Whole pulls, and how a plate stands by them. */
function lifeFrom(
  { low, high }: { low: number; high: number },
  spent: number,
  by: PlateLife['by'],
): PlateLife {
  const [leftAtLeast, leftAtMost] = [Math.floor(low), Math.floor(high)]
  const beyondWeak = leftAtMost > 0 ? 'watch' : 'past'
  return { spent, leftAtLeast, leftAtMost, standing: leftAtLeast > 0 ? 'fresh' : beyondWeak, by }
}

const PAST: Record<PlateLife['by'], string> = {
  kind: 'past what its kind usually stands',
  here: 'past what plates of its kind stood here',
  readings: 'past what its readings allow',
  facing: 'past what a facing usually stands',
  maker: 'past what its maker says it stands',
  never: 'does not wear',
}

/** Readings leave a range this many times as wide as its lower end, and this many pulls: nothing follows from it. */
const TOO_WIDE = { times: 8, pulls: 12 }

const isTooWide = ({ leftAtLeast, leftAtMost, by }: PlateLife): boolean =>
  by === 'readings' && leftAtMost > TOO_WIDE.pulls && leftAtMost > TOO_WIDE.times * leftAtLeast

/** Hundreds are told to two figures: nobody knows them better. */
function rounded(pulls: number): number {
  const step = pulls < 100 ? 1 : 10 ** (Math.floor(Math.log10(pulls)) - 1)
  return Math.round(pulls / step) * step
}

/** Says what is left in the shop's words: "about 6 pulls left", "between 0 and 7 pulls left". */
export function describePlateLife(life: PlateLife): string {
  if (life.standing === 'past' || life.by === 'never') return PAST[life.by]
  const [low, high] = [rounded(life.leftAtLeast), rounded(life.leftAtMost)]
  if (low === high) return `about ${low} ${low === 1 ? 'pull' : 'pulls'} left`
  const range = `between ${low} and ${high} pulls left`
  return isTooWide(life) ? `too early to tell by its readings: ${range}` : range
}

/** What one more proof costs: "each proof uses one of about 6 left". */
export function costOfAProof(life: PlateLife): string | null {
  if (life.standing === 'past' || life.leftAtMost > 100 || isTooWide(life)) return null
  return `each proof uses one of about ${Math.round((life.leftAtLeast + life.leftAtMost) / 2)} left`
}

/** The reckoning by itself, with what it comes to in words. */
export function tellPullsLeft(input: PlateLifeInput): z.infer<typeof plateLifeOutput> {
  const told = pullsLeft(input)
  const before = input.stated === undefined ? 'kind' : 'maker'
  const life = lifeFrom(told, input.pulls, told.isByReadings ? 'readings' : before)
  return { low: life.leftAtLeast, high: life.leftAtMost, words: describePlateLife(life) }
}

/** What a kind stands here, in words. @example standsHereWords({ low: 8.2, high: 21.9, worn: 2, going: 1 }) // '8 to 22, by 2 worn out here and 1 still printing' */
export const standsHereWords = ({ low, high, worn, going }: StandsHere): string => {
  const by = [
    ...(worn > 0 ? [`${worn} worn out here`] : []),
    ...(going > 0 ? [`${going} still printing`] : []),
  ]
  return `${Math.round(low)} to ${Math.round(high)}, by ${by.join(' and ')}`
}
