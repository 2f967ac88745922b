import { learnCycle, type LearnedCycle } from '../day/learnedCycle'
import { gramsForPulls } from '../edition/editionNeed'
import { plateHistory } from '../edition/plateHistory'
import { readPull, type Pull } from '../edition/pull'
import { pullsOnBench, runOnBench } from '../edition/runs'
import { firstMix } from '../ink/mix'
import { estimateGramsPerPull, needFromWeighings, pullsCovered, type PotWeighing } from '../ink/inkNeed'
import {
  canBeFaced,
  describePlateLife,
  plateLife,
  type PlateHistory,
  type PlateLife,
} from '../plate/plateLife'
import type { PressKind } from '../press/pressCard'
import type { Bench } from '../prove/settings'
import { isSameName } from '../units/byName'
import { batOfRun, batPulls } from './batOnBench'
import type { Bat, FiledPull } from './jobFile'
import { PROOFS_TO_COME, SURE } from './sure'
import { readThrough, type SheetsOfJob, type Through } from './through'

/** What a job's own record says of what is still to be done. */
export interface WorkAhead {
  bench: Bench
  through: Through
  /** proofs to come before the BAT */
  proofs: number
  pullsFromPlate: number
  pullsFromMix: number
  line: PlateHistory['line']
  /** minutes a pull, as this job's own pulls taught; null: not known yet */
  minutesPerPull: number | null
}

/** What the workshop knows beside the job's record. */
export interface KnownBeside {
  weighings: readonly PotWeighing[]
  facings: readonly { afterPulls: number }[]
  /** sheets of the job's paper in the store that nobody else keeps back; null: not known */
  inStock: number | null
  /** how the press on the bench presses; null: it is not in the store */
  pressKind: PressKind | null
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

type Recorded = SheetsOfJob & { bats: readonly Bat[]; pulls: readonly FiledPull[] }

/** Pulls of the edition from which its own cycle is learned, without the proofs before it, which take longer. */
const OWN_CYCLE_FROM = 4

/** The cycle that a run's own pulls teach; null with too few. */
export function cycleOf(pulls: readonly Pull[]): LearnedCycle | null {
  const edition = pulls.filter(({ kind }) => kind === 'edition')
  return learnCycle(
    (edition.length >= OWN_CYCLE_FROM ? edition : pulls).map((pull) => ({
      ...pull,
      wipeSeconds: readPull(pull).wipeSeconds,
    })),
  )
}

/** Reads out of a job's record what is still to be done. */
export function workAhead(job: Recorded): WorkAhead {
  const { bench } = runOnBench(job)
  const pulls = pullsOnBench(job)
  const mix = firstMix(bench.ink)
  return {
    bench,
    through: readThrough(job),
    proofs: batOfRun(job.bats, job.openRun) ? 0 : PROOFS_TO_COME,
    pullsFromPlate: pulls.length,
    pullsFromMix: job.pulls.filter((pull) => isSameName(firstMix(pull.settings.ink), mix)).length,
    line: plateHistory(pulls, batPulls(job), []).line,
    minutesPerPull: cycleOf(pulls)?.cycleMinutes ?? null,
  }
}

function inkOfAPull(
  { bench: { ink, plate } }: WorkAhead,
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

/** What the rest of a job takes in sheets, ink, hours and plate, from its record and what the workshop knows beside it. */
export function jobNeed(work: WorkAhead, { weighings, facings, inStock }: KnownBeside): JobNeed {
  const { bench, through, proofs } = work
  const { left, fresh, waiting } = through
  const mix = firstMix(bench.ink)
  const weighed = needFromWeighings(weighings)
  const { gramsPerPull, inkBy } = inkOfAPull(work, weighings)
  const pulls = left === 0 ? 0 : fresh + (waiting ?? 0) + proofs
  const sure =
    weighed?.sd === undefined || weighed.sd === null
      ? null
      : gramsForPulls(pulls, { ...weighed, sd: weighed.sd }, SURE)
  return {
    left,
    proofs: left === 0 ? 0 : proofs,
    starts: fresh,
    sheets: left === 0 ? 0 : fresh + proofs,
    pulls,
    gramsPerPull,
    inkBy,
    grams: sure ?? (gramsPerPull === null ? null : pulls * gramsPerPull),
    isGramsSure: sure !== null,
    mixCovers:
      mix && gramsPerPull !== null ? pullsCovered(mix.batchGrams, gramsPerPull, work.pullsFromMix) : null,
    minutesPerPull: work.minutesPerPull,
    hours: work.minutesPerPull === null ? null : (pulls * work.minutesPerPull) / 60,
    life: bench.plate
      ? plateLife(bench.plate, work.pullsFromPlate, {
          facedAfter: facings.at(-1)?.afterPulls ?? null,
          line: work.line,
        })
      : null,
    canBeFaced: bench.plate !== null && canBeFaced(bench.plate.kind),
    inStock,
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

function inkMisfit({ pulls, mixCovers, gramsPerPull }: JobNeed): Misfit | null {
  if (mixCovers === null || gramsPerPull === null || mixCovers >= pulls) return null
  return {
    of: 'ink',
    words: `The mix covers ${mixCovers} of the ${pulls} pulls to come.`,
    ways: `Mix about ${Math.ceil((pulls - mixCovers) * gramsPerPull)} g more while there is some left to match it by.`,
  }
}

/** What does not fit, worst first. */
export const misfitsOf = (need: JobNeed): Misfit[] =>
  [plateMisfit(need), paperMisfit(need), inkMisfit(need)].filter((one) => one !== null)
