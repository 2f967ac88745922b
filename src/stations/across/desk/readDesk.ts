import { plural } from '@/core/units/counted'
import { editionProgress } from '@/core/edition/editionProgress'
import { readPull } from '@/core/edition/pull'
import { SHEET_STEPS, type PlannedSegment } from '@/core/edition/meeting'
import { checkAfter } from '@/core/edition/fault'
import { warmUpsToday } from '@/core/edition/holdEdition'
import { pullsOnBench, runOnBench, sheetLines, sheetsWaiting } from '@/core/edition/runs'
import { batOfRun, batPulls } from '@/core/record/batOnBench'
import { compareSettings } from '@/core/prove/compareSettings'
import { completeBench, STATIONS, unsetStations, type Settings } from '@/core/prove/settings'
import { readSlip } from '@/core/prove/tolerance'
import { pacedSteps } from '@/core/wipe/pacedSteps'
import type { JobRecord } from '@/data/record/jobRecord'

/** Pulls whose course is drawn behind the rails. */
const HAIRLINES = 5

/** What a pull desk needs of its job. */
export interface Desk {
  id: string
  slug: string
  title: string
  editionSize: number
  runPosition: number
  /** why nothing can be pulled here; null: it can */
  stop: string | null
  settings: Settings | null
  batVersion: number | null
  plate: PlannedSegment[]
  sheet: PlannedSegment[]
  /** moments of the last pulls, oldest first, and how their segments lay before the roller, s */
  pulledAt: string[]
  courses: { rail: 'plate' | 'sheet'; secondsBefore: number }[][]
  nextNumber: number
  nextSheet: number
  accepted: number
  differences: string[]
  outside: number
  check: string | null
  /** another day than the last pull's: warm-ups until two in a row match, and how many did */
  warm: { isNewDay: boolean; matched: number }
}

/** Seconds each planned step took at the BAT, where that is known; else as it is planned. */
const asAtBat = (
  steps: readonly { label: string; seconds: number; before: number | null }[],
): PlannedSegment[] =>
  steps.map(({ label, seconds, before }) => ({ step: label, seconds: before ?? seconds }))

/** Reads from a job's record what its pull desk shows. */
export function readDesk(job: JobRecord, today: string): Desk {
  const run = runOnBench(job)
  const { bench } = run
  const settings = completeBench(bench)
  const held = batOfRun(job.bats, job.openRun)
  const pulls = pullsOnBench(job)
  const edition = pulls.filter(({ kind }) => kind === 'edition')
  const batProof = batPulls(job).proof
  const place = job.runs.indexOf(run)
  const waiting = place > 0 ? sheetsWaiting(sheetLines(job.runs, job.pulls, job.sheetMarks), place) : null
  const unset = unsetStations(bench)
  const stop = !held
    ? 'First approve a proof as BAT, the approved proof: the edition is held to it.'
    : job.prints.length > 0
      ? 'The numbers are given: this edition is closed.'
      : waiting?.length === 0
        ? `No sheet waits for “${run.name}”: it needs one that is through the run before.`
        : !settings
          ? `Before a pull: ${unset.map((station) => STATIONS[station]).join(', ')} ${plural(unset.length, 'needs', 'need')} you.`
          : null
  const lastFault = edition.map((pull) => readPull(pull).faults.at(-1) ?? null).at(-1) ?? null
  return {
    id: job.id,
    slug: job.slug,
    title: job.runs.length > 1 ? `${job.title}, ${run.name}` : job.title,
    editionSize: job.editionSize,
    runPosition: run.position,
    stop,
    settings,
    batVersion: held?.version ?? null,
    plate: settings
      ? asAtBat(
          pacedSteps(settings.wipe, { batTaken: batProof ? readPull(batProof).wipe : null, zoneTones: {} }),
        )
      : [],
    sheet: SHEET_STEPS[settings?.paper.method === 'dry' ? 'dry' : 'damp'],
    pulledAt: edition.slice(-12).map(({ pulledAt }) => pulledAt),
    courses: edition.slice(-HAIRLINES).flatMap((pull) => {
      const { meeting } = readPull(pull)
      return meeting ? [meeting.map(({ rail, secondsBefore }) => ({ rail, secondsBefore }))] : []
    }),
    nextNumber: (edition.at(-1)?.number ?? 0) + 1,
    nextSheet: waiting?.[0] ?? Math.max(0, ...job.pulls.map(({ sheet }) => sheet)) + 1,
    accepted: editionProgress(job.editionSize, edition).accepted,
    differences: held && settings ? compareSettings(held.settings, settings).map(({ words }) => words) : [],
    outside:
      held && settings && job.variation === 'alike'
        ? readSlip(settings, held).filter(({ standing }) => standing === 'outside').length
        : 0,
    check: checkAfter(lastFault),
    warm: warmUpsToday(pulls, today),
  }
}
