import { formatGrams } from '../units/quantity'
import { gramsForPulls } from '../edition/editionNeed'
import { FIRST_MIX, type RunMix } from '../ink/mix'
import { estimateGramsPerPull, needFromWeighings, pullsCovered, type PotWeighing } from '../ink/inkNeed'
import {
  canBeFaced,
  describePlateLife,
  plateLife,
  type PlateHistory,
  type PlateLife,
} from '../plate/plateLife'
import type { StandsByKind } from '../plate/standsHere'
import type { Bench } from '../prove/settings'
import { findByName } from '../units/byName'
import { SURE } from './sure'
import type { Through } from './through'

/** What a job's own record says of what is still to be done, whatever stands on its bench now. */
export interface WorkAhead {
  through: Through
  /** proofs to come before the BAT */
  proofs: number
  pullsFromPlate: number
  /** pulls made from each mix there was */
  mixes: { name: string; pulls: number }[]
  line: PlateHistory['line']
  /** minutes a pull, as this job's own pulls taught; null: not known yet */
  minutesPerPull: number | null
}

/** What the workshop knows beside the job's record. */
export interface KnownBeside {
  weighings: readonly PotWeighing[]
  facings: readonly { afterPulls: number }[]
  /** sheets of one paper in the store that nobody else keeps back; null: none was asked after */
  stock: { paperId: string; sheets: number } | null
  /** what plates of other jobs stood */
  standsHere: StandsByKind
}

/** Where the ink of one pull is known from. */
export type InkBy = 'weighed' | 'once' | 'mix' | 'plate'

/** What the rest of a job takes of one ink. */
export interface InkNeed {
  gramsPerPull: number | null
  inkBy: InkBy | null
  /** ink those pulls use up: as sure as the sheets where it was weighed twice, else a mean that nobody weighed */
  grams: number | null
  isGramsSure: boolean
  /** pulls that the mix as it was made still covers; null: no mix, or nothing known of a pull's ink */
  mixCovers: number | null
}

/**
 * What the rest of a job takes: one reckoning for every screen. Of several inks the grams are all of them together, and the pulls covered
 * those of the ink that ends first.
 */
export interface JobNeed extends InkNeed {
  left: number
  proofs: number
  /** fresh sheets for the prints left; and for the proofs to come too */
  starts: number
  sheets: number
  /** pulls still to come from the plate on the bench */
  pulls: number
  /** ink by ink, in the order of the mixes; none: there is no mix */
  inks: (InkNeed & { id: string; name: string })[]
  minutesPerPull: number | null
  hours: number | null
  life: PlateLife | null
  /** steel takes to the plate */
  canBeFaced: boolean
  inStock: number | null
}

/** Fresh sheets a job still takes: for the prints left with the rejects to expect, and for the proofs to come. */
export const sheetsAhead = ({
  through: { left, fresh },
  proofs,
}: Pick<WorkAhead, 'through' | 'proofs'>): number => (left === 0 ? 0 : fresh + proofs)

/** Ink that so many pulls use up, and how it is known. @param entered grams a pull where nothing was weighed */
function inkFor(
  pulls: number,
  weighings: readonly PotWeighing[],
  entered: { gramsPerPull: number; inkBy: InkBy } | null,
): Omit<InkNeed, 'mixCovers'> {
  const weighed = needFromWeighings(weighings)
  const known = weighed
    ? { gramsPerPull: weighed.mean, inkBy: weighed.sd === null ? ('once' as const) : ('weighed' as const) }
    : entered
  if (!known) return { gramsPerPull: null, inkBy: null, grams: null, isGramsSure: false }
  const sd = weighed?.sd ?? null
  const sure = weighed && sd !== null ? gramsForPulls(pulls, { ...weighed, sd }, SURE) : null
  return { ...known, grams: sure ?? pulls * known.gramsPerPull, isGramsSure: sure !== null }
}

/** What so many pulls take of one mix. @param made pulls that were made from it */
function mixNeed(
  mix: RunMix,
  pulls: number,
  weighings: readonly PotWeighing[],
  made: number,
): JobNeed['inks'][number] {
  const ink = inkFor(
    pulls,
    weighings.filter(({ mixId }) => (mixId ?? FIRST_MIX) === mix.id),
    { gramsPerPull: mix.gramsPerPull, inkBy: 'mix' },
  )
  return {
    id: mix.id,
    name: mix.name,
    ...ink,
    mixCovers: ink.gramsPerPull === null ? null : pullsCovered(mix.batchGrams, ink.gramsPerPull, made),
  }
}

/** How surely the ink of a pull is known, the least sure first. */
const SURENESS: readonly InkBy[] = ['plate', 'mix', 'once', 'weighed']

/** All the inks of a plate together. */
function together(inks: JobNeed['inks']): InkNeed {
  const sum = (key: 'gramsPerPull' | 'grams') => inks.reduce((all, ink) => all + (ink[key] ?? 0), 0)
  return {
    gramsPerPull: sum('gramsPerPull'),
    inkBy: SURENESS.find((by) => inks.some(({ inkBy }) => inkBy === by)) ?? null,
    grams: sum('grams'),
    isGramsSure: inks.every(({ isGramsSure }) => isGramsSure),
    mixCovers: Math.min(...inks.map(({ mixCovers }) => mixCovers ?? Infinity)),
  }
}

/** What so many pulls take of the inks on the bench, each and together. */
function inksNeeded(
  pulls: number,
  { ink, plate }: Pick<Bench, 'ink' | 'plate'>,
  weighings: readonly PotWeighing[],
  made: WorkAhead['mixes'],
): InkNeed & Pick<JobNeed, 'inks'> {
  const inks = (ink?.mixes ?? []).map((mix) =>
    mixNeed(mix, pulls, weighings, findByName(made, mix.name)?.pulls ?? 0),
  )
  if (inks.length > 0) return { ...together(inks), inks }
  const byPlate = plate && {
    gramsPerPull: estimateGramsPerPull(plate.widthMm, plate.heightMm),
    inkBy: 'plate' as const,
  }
  return { ...inkFor(pulls, weighings, byPlate), mixCovers: null, inks }
}

/** Ink of a pull of all mixes together, as it was weighed or else entered; null: nothing is known. */
export const gramsOfAPull = (
  bench: Pick<Bench, 'ink' | 'plate'>,
  weighings: readonly PotWeighing[],
): number | null =>
  bench.ink || weighings.length > 0 ? inksNeeded(1, bench, weighings, []).gramsPerPull : null

/** What the rest of a job takes of one of its inks, in place of all of them. */
export function needOfMix(need: JobNeed, mixId: string | null): JobNeed {
  const own = need.inks.find(({ id }) => id === mixId)
  if (!own) return need
  const { id: _, name: __, ...ink } = own
  return { ...need, ...ink }
}

/**
 * What the rest of a job takes in sheets, ink, hours and plate.
 *
 * @param bench as it stands now: what is typed there counts at once
 * @param work what the record says @param beside what the workshop knows beside it
 */
export function jobNeed(
  bench: Bench,
  work: WorkAhead,
  { weighings, facings, stock, standsHere }: KnownBeside,
): JobNeed {
  const { through, proofs } = work
  const { left, fresh, waiting } = through
  const pulls = left === 0 ? 0 : fresh + (waiting ?? 0) + proofs
  return {
    left,
    proofs: left === 0 ? 0 : proofs,
    starts: fresh,
    sheets: sheetsAhead(work),
    pulls,
    ...inksNeeded(pulls, bench, weighings, work.mixes),
    minutesPerPull: work.minutesPerPull,
    hours: work.minutesPerPull === null ? null : (pulls * work.minutesPerPull) / 60,
    life: bench.plate
      ? plateLife(bench.plate, work.pullsFromPlate, {
          facedAfter: facings.at(-1)?.afterPulls ?? null,
          line: work.line,
          here: standsHere[bench.plate.kind] ?? null,
        })
      : null,
    canBeFaced: bench.plate !== null && canBeFaced(bench.plate.kind),
    inStock: stock && stock.paperId === bench.paper?.paperId ? stock.sheets : null,
  }
}

/** Where what is wanted and what there is do not fit, and what can be done. */
export interface Misfit {
  of: 'plate' | 'paper' | 'ink'
  words: string
  ways: string
}

function plateMisfit({ pulls, life, canBeFaced }: JobNeed): Misfit | null {
  if (!life || pulls <= life.leftAtLeast) return null
  const may = pulls <= life.leftAtMost ? 'may not stand' : 'will hardly stand'
  return {
    of: 'plate',
    words: `The plate ${may} the ${pulls} pulls to come: ${describePlateLife(life)}.`,
    ways: `Number fewer, ${canBeFaced ? 'face it with steel, ' : ''}rework it as a new state, or proof no more on it.`,
  }
}

function paperMisfit({ sheets, inStock }: JobNeed): Misfit | null {
  if (inStock === null || sheets <= inStock) return null
  return {
    of: 'paper',
    words: `${sheets} sheets are wanted and ${inStock} lie there for this job.`,
    ways: `Order ${sheets - inStock} more, find a substitute, or proof on other paper.`,
  }
}

/**
 * Grams to mix beside what the mix as it was made still covers, whole grams; 0: it covers all, null: there is no mix, or nothing is known of
 * a pull's ink.
 *
 * @example inkToAdd({ pulls: 18, mixCovers: 13, gramsPerPull: 2.6 }) // 13
 */
export function inkToAdd({
  pulls,
  mixCovers,
  gramsPerPull,
}: Pick<JobNeed, 'pulls' | 'mixCovers' | 'gramsPerPull'>): number | null {
  if (mixCovers === null || gramsPerPull === null) return null
  return Math.ceil(Math.max(0, pulls - mixCovers) * gramsPerPull)
}

/** @param name of the mix */
function inkMisfit(need: JobNeed, name: string): Misfit | null {
  const { pulls, mixCovers } = need
  const more = inkToAdd(need)
  if (more === null || more === 0) return null
  return {
    of: 'ink',
    words: `${name} covers ${mixCovers} of the ${pulls} pulls to come.`,
    ways: `Mix about ${formatGrams(more, 0)} more while there is some left to match it by.`,
  }
}

/** What does not fit, worst first. */
export const misfitsOf = (need: JobNeed): Misfit[] =>
  [
    plateMisfit(need),
    paperMisfit(need),
    ...(need.inks.length > 1
      ? need.inks.map(({ id, name }) => inkMisfit(needOfMix(need, id), name))
      : [inkMisfit(need, 'The mix')]),
  ].filter((one) => one !== null)
