import { formatGrams } from '../units/quantity'
import { gramsForPulls } from '../edition/editionNeed'
import { firstMix } from '../ink/mix'
import { estimateGramsPerPull, needFromWeighings, pullsCovered, type PotWeighing } from '../ink/inkNeed'
import {
  canBeFaced,
  describePlateLife,
  plateLife,
  type PlateHistory,
  type PlateLife,
} from '../plate/plateLife'
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
}

/** Where the ink of one pull is known from. */
export type InkBy = 'weighed' | 'once' | 'mix' | 'plate'

/** What the rest of a job takes: one reckoning for every screen. */
export interface JobNeed {
  left: number
  proofs: number
  /** fresh sheets for the prints left; and for the proofs to come too */
  starts: number
  sheets: number
  /** pulls still to come from the plate on the bench */
  pulls: number
  gramsPerPull: number | null
  inkBy: InkBy | null
  /** ink those pulls use up: as sure as the sheets where it was weighed twice, else a mean that nobody weighed */
  grams: number | null
  isGramsSure: boolean
  /** pulls that the mix as it was made still covers; null: no mix, or nothing known of a pull's ink */
  mixCovers: number | null
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

function inkOfAPull(
  { ink, plate }: Pick<Bench, 'ink' | 'plate'>,
  weighings: readonly PotWeighing[],
): { gramsPerPull: number | null; inkBy: InkBy | null } {
  const weighed = needFromWeighings(weighings)
  if (weighed) return { gramsPerPull: weighed.mean, inkBy: weighed.sd === null ? 'once' : 'weighed' }
  const mix = firstMix(ink)
  if (mix) return { gramsPerPull: mix.gramsPerPull, inkBy: 'mix' }
  return plate
    ? { gramsPerPull: estimateGramsPerPull(plate.widthMm, plate.heightMm), inkBy: 'plate' }
    : { gramsPerPull: null, inkBy: null }
}

/** Ink that so many pulls use up, and how it is known. */
function inkFor(
  pulls: number,
  bench: Pick<Bench, 'ink' | 'plate'>,
  weighings: readonly PotWeighing[],
): Pick<JobNeed, 'gramsPerPull' | 'inkBy' | 'grams' | 'isGramsSure'> {
  const { gramsPerPull, inkBy } = inkOfAPull(bench, weighings)
  const weighed = needFromWeighings(weighings)
  const sd = weighed?.sd ?? null
  const sure = weighed && sd !== null ? gramsForPulls(pulls, { ...weighed, sd }, SURE) : null
  const mean = gramsPerPull === null ? null : pulls * gramsPerPull
  return { gramsPerPull, inkBy, grams: sure ?? mean, isGramsSure: sure !== null }
}

/**
 * What the rest of a job takes in sheets, ink, hours and plate.
 *
 * @param bench as it stands now: what is typed there counts at once
 * @param work what the record says @param beside what the workshop knows beside it
 */
export function jobNeed(bench: Bench, work: WorkAhead, { weighings, facings, stock }: KnownBeside): JobNeed {
  const { through, proofs } = work
  const { left, fresh, waiting } = through
  const mix = firstMix(bench.ink)
  const pulls = left === 0 ? 0 : fresh + (waiting ?? 0) + proofs
  const ink = inkFor(pulls, bench, weighings)
  return {
    left,
    proofs: left === 0 ? 0 : proofs,
    starts: fresh,
    sheets: sheetsAhead(work),
    pulls,
    ...ink,
    mixCovers:
      mix && ink.gramsPerPull !== null
        ? pullsCovered(mix.batchGrams, ink.gramsPerPull, findByName(work.mixes, mix.name)?.pulls ?? 0)
        : null,
    minutesPerPull: work.minutesPerPull,
    hours: work.minutesPerPull === null ? null : (pulls * work.minutesPerPull) / 60,
    life: bench.plate
      ? plateLife(bench.plate, work.pullsFromPlate, {
          facedAfter: facings.at(-1)?.afterPulls ?? null,
          line: work.line,
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

function inkMisfit(need: JobNeed): Misfit | null {
  const { pulls, mixCovers } = need
  const more = inkToAdd(need)
  if (more === null || more === 0) return null
  return {
    of: 'ink',
    words: `The mix covers ${mixCovers} of the ${pulls} pulls to come.`,
    ways: `Mix about ${formatGrams(more, 0)} more while there is some left to match it by.`,
  }
}

/** What does not fit, worst first. */
export const misfitsOf = (need: JobNeed): Misfit[] =>
  [plateMisfit(need), paperMisfit(need), inkMisfit(need)].filter((one) => one !== null)
