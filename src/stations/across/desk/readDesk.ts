import { plural } from '@/core/units/counted'
import { editionProgress } from '@/core/edition/editionProgress'
import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'
import { SHEET_STEPS, type PlannedSegment } from '@/core/edition/meeting'
import { checkAfter } from '@/core/edition/checkAfter'
import { dayOf, isOnDay } from '@/core/units/moment'
import { dryingWords, SAY_DRY_AT, sheetsToPrint, waitingToDry } from '@/core/edition/dryBetween'
import { noSheetWords, pullsOnBench, runOnBench } from '@/core/edition/runs'
import { batOfRun, batPulls } from '@/core/record/batOnBench'
import { compareSettings } from '@/core/prove/compareSettings'
import { isPressedByHand, pressDoubt } from '@/core/press/pressSetting'
import { completeBench } from '@/core/prove/completeBench'
import { stationsWanting } from '@/core/prove/stationsWanting'
import { purposeFacts } from '@/core/prove/purpose'
import { STATIONS, type Settings } from '@/core/prove/settings'
import { outsideBat } from '@/core/prove/outsideBat'
import { pacedSteps } from '@/core/wipe/pacedSteps'
import type { JobRecord } from '@/data/record/jobRecord'
import type { KnownPresses } from '@/data/press/presses'
import { deskAlbum } from './deskAlbum'
import { DESK_VERSION, type Desk } from './deskShape'

/** Pulls whose course is drawn behind the rails. */
const HAIRLINES = 5
/** Pulls a desk knows one by one: a decision is taken back of the last of them only. */
const KNOWN_PULLS = 12

/** Seconds each planned step took at the BAT, where that is known; else as it is planned. */
const asAtBat = (
  steps: readonly { label: string; seconds: number; before: number | null }[],
): PlannedSegment[] =>
  steps.map(({ label, seconds, before }) => ({ step: label, seconds: before ?? seconds }))

function readWarm(pulls: readonly Pull[], today: string): Desk['warm'] {
  const last = pulls.findLast(({ kind }) => kind === 'edition')
  return {
    lastDay: last ? dayOf(last.pulledAt, last.zone) : null,
    today,
    eyes: pulls
      .filter(({ kind, pulledAt, zone }) => kind === 'warmup' && isOnDay(pulledAt, today, zone))
      .map((pull) => ({ id: pull.id, eye: readPull(pull).eye })),
  }
}

/** Why nothing can be pulled at the desk; null: it can. @param waiting sheets that may go on; null: fresh ones are begun */
function whyStopped(
  job: JobRecord,
  {
    isHeld,
    waiting,
    stillWet,
    settings,
  }: { isHeld: boolean; waiting: number | null; stillWet: string | null; settings: Settings | null },
): string | null {
  const run = runOnBench(job)
  if (!isHeld && purposeFacts(job.purpose).asksBat)
    return 'First approve a proof as BAT, the approved proof: the edition is held to it.'
  if (job.prints.length > 0) return 'The numbers are given: this edition is closed.'
  if (waiting === 0)
    return stillWet ? `${stillWet} ${SAY_DRY_AT}` : noSheetWords(job.runs, job.runs.indexOf(run))
  if (settings) return null
  const unset = stationsWanting(run.bench, job.purpose)
  return `Before a pull: ${unset.map((station) => STATIONS[station]).join(', ')} ${plural(unset.length, 'needs', 'need')} you.`
}

/** Reads from a job's record what its pull desk shows. @param when the day at the desk, YYYY-MM-DD, and the moment, ISO 8601 @param stamp what the job's rows stand at @param presses how each press presses */
export function readDesk(
  job: JobRecord,
  { today, now }: { today: string; now: string },
  stamp: string,
  presses: KnownPresses,
): Desk {
  const run = runOnBench(job)
  const { bench } = run
  const settings = completeBench(bench, job.purpose)
  const isByHand =
    settings !== null && isPressedByHand(settings.press, presses[settings.press.pressId] ?? null)
  const held = batOfRun(job.bats, job.openRun)
  const pulls = pullsOnBench(job)
  const edition = pulls.filter(({ kind }) => kind === 'edition')
  const batProof = batPulls(job).proof
  const place = job.runs.indexOf(run)
  const isFresh = place === 0 && job.givenSheets.length === 0
  const waiting = isFresh ? null : sheetsToPrint(job, place, now)
  const { isAlike } = purposeFacts(job.purpose)
  const lastFault = edition.map((pull) => readPull(pull).faults.at(-1) ?? null).at(-1) ?? null
  return {
    version: DESK_VERSION,
    stamp,
    id: job.id,
    slug: job.slug,
    title: job.runs.length > 1 ? `${job.title}, ${run.name}` : job.title,
    purpose: job.purpose,
    editionSize: job.editionSize,
    runPosition: run.position,
    stop: whyStopped(job, {
      isHeld: held !== null,
      waiting: waiting?.length ?? null,
      stillWet: dryingWords(waitingToDry(job, place, now)),
      settings,
    }),
    settings,
    batVersion: held?.version ?? null,
    plate: settings
      ? asAtBat(
          pacedSteps(settings.wipe, {
            batTaken: batProof ? readPull(batProof).wipe : null,
            zoneTones: {},
            mixes: settings.ink.mixes,
          }),
        )
      : [],
    sheet: SHEET_STEPS[settings?.paper.method === 'dry' ? 'dry' : 'damp'],
    pulls: edition.slice(-KNOWN_PULLS).map((pull) => ({
      id: pull.id,
      at: pull.pulledAt,
      decision: readPull(pull).decision?.decision ?? null,
    })),
    courses: edition.slice(-HAIRLINES).flatMap((pull) => {
      const { meeting } = readPull(pull)
      return meeting ? [meeting.map(({ rail, secondsBefore }) => ({ rail, secondsBefore }))] : []
    }),
    nextNumber: (edition.at(-1)?.number ?? 0) + 1,
    nextSheet: waiting?.[0] ?? Math.max(0, ...job.pulls.map(({ sheet }) => sheet)) + 1,
    accepted: editionProgress(job.editionSize, pulls).accepted,
    differences: held && settings ? compareSettings(held.settings, settings).map(({ words }) => words) : [],
    doubt: settings && pressDoubt(settings, isByHand),
    isByHand,
    outside: held && settings && isAlike ? outsideBat(settings, held).length : 0,
    check: checkAfter(lastFault),
    album: deskAlbum(pulls),
    warm: readWarm(pulls, today),
  }
}
