import { z } from 'zod'
import { benchSchema } from '../prove/settings'
import { count, finite, label, moment, positive, remark } from '../units/schemas'
import type { GivenSheet } from './givenSheets'
import { isPrint, readPull } from './readPull'
import type { Pull } from './pull'

/** What a sheet can go through; `press`: it is pulled from the bench, else it is marked off sheet by sheet. */
export const RUN_KINDS = {
  plate: { label: 'From a plate', press: true },
  monotype: { label: 'Monotype, with or without a tape mask', press: true },
  ghost: { label: 'Ghost (second pull)', press: true },
  'chine-colle': { label: 'Chine collé', press: true },
  colouring: { label: 'By hand: colouring, drawing', press: false },
} as const
export type RunKind = keyof typeof RUN_KINDS

/** What happens to a sheet before a run, after the one before it. */
export const BETWEEN_RUNS = {
  wet: 'wet on wet, at once',
  damp: 'kept damp',
  dry: 'dried',
  'dry-damp': 'dried, then damp again',
} as const
export type BetweenRuns = keyof typeof BETWEEN_RUNS

/** What makes a run besides its bench. */
export const runWishSchema = z.strictObject({
  name: label,
  kind: z.enum(Object.keys(RUN_KINDS) as [RunKind, ...RunKind[]]).default('plate'),
  between: z.enum(Object.keys(BETWEEN_RUNS) as [BetweenRuns, ...BetweenRuns[]]).default('dry-damp'),
  /** waiting before it, hours */
  waitHours: finite
    .min(0, { error: 'must be 0 or more' })
    .max(2000, { error: 'must be at most 2000 h' })
    .default(0),
})
export type RunWish = z.infer<typeof runWishSchema>

/** One operation every sheet of the job gets, in its order, with its bench. */
export const runSchema = runWishSchema.extend({
  position: count,
  bench: benchSchema,
  /** pulls its plate had made before this job */
  earlierPulls: count.default(0),
})
export type Run = z.infer<typeof runSchema>

/** What was said of a sheet between the presses. */
export const sheetMarkSchema = z.strictObject({
  sheet: positive.int({ error: 'must be a whole number' }),
  runPosition: count,
  /** done by hand; lost; dry by the tissue; or wet, and knowingly gone on with */
  mark: z.enum(['done', 'lost', 'dry', 'wet']),
  why: remark,
  by: label,
  at: moment,
})
/** The same before its moment is known; a loss says what became of the sheet, a run by hand what was used. */
export const newSheetMarkSchema = sheetMarkSchema
  .omit({ at: true })
  .extend({ mark: z.enum(['done', 'lost']) })
  .superRefine(({ mark, why }, context) => {
    if (why) return
    context.addIssue({
      code: 'custom',
      path: ['why'],
      message: mark === 'lost' ? 'Enter what became of it.' : 'Enter the colours used, or what was done.',
    })
  })

/** That sheets are dry by the tissue, or go on wet and somebody knows it. */
export const newDrynessSchema = z.strictObject({
  runPosition: count,
  sheets: z.array(positive.int()).min(1, { error: 'no sheet waits' }).max(5000),
  mark: z.enum(['dry', 'wet']),
  by: label,
})
export type NewDryness = z.infer<typeof newDrynessSchema>
export type SheetMark = z.infer<typeof sheetMarkSchema>

/** How a sheet stands at one run. */
export type SheetStep = 'through' | 'open' | 'rejected' | 'lost' | 'waiting' | 'not-yet'

/** A sheet's life through the runs. */
export interface SheetLine {
  sheet: number
  steps: SheetStep[]
  /** through every run */
  isThrough: boolean
  isLost: boolean
  /** its pull in the last run it was pulled in; null: an existing print that nothing was done to yet */
  lastPullId: string | null
}

/** A pull with its run and sheet. */
export type RunPull = Pull & { runPosition: number; sheet: number }
type RunOrder = readonly Pick<Run, 'position' | 'kind'>[]

/** Where a sheet is after its pull was decided. */
const AFTER: Record<'accepted' | 'rejected' | 'set-aside', SheetStep> = {
  accepted: 'through',
  rejected: 'rejected',
  'set-aside': 'open',
}

/** What of a job's record tells how its sheets stand. */
export interface SheetsRecord<R = Run> {
  runs: readonly R[]
  pulls: readonly RunPull[]
  sheetMarks: readonly SheetMark[]
  /** existing prints the job begins on; none: it begins on fresh sheets */
  givenSheets: readonly Pick<GivenSheet, 'sheet' | 'printedAt'>[]
}

/**
 * Sheets of the prints, in order, each with how it stands at every run; an existing print waits for the first run. Sheets of other proofs
 * and of warm-ups are left out.
 */
export function sheetLines({
  runs,
  pulls,
  sheetMarks: marks,
  givenSheets,
}: SheetsRecord<RunOrder[number]>): SheetLine[] {
  const bySheet = new Map<number, Map<number, RunPull>>(givenSheets.map(({ sheet }) => [sheet, new Map()]))
  for (const pull of pulls) {
    if (!isPrint(pull)) continue
    const of = bySheet.get(pull.sheet) ?? new Map<number, RunPull>()
    of.set(pull.runPosition, pull)
    bySheet.set(pull.sheet, of)
  }
  return [...bySheet]
    .sort(([a], [b]) => a - b)
    .map(([sheet, of]) => {
      let before: SheetStep = 'through'
      const steps = runs.map(({ position, kind }): SheetStep => {
        if (before === 'rejected' || before === 'lost') return before
        const mark = marks.findLast(
          (one) =>
            one.sheet === sheet &&
            one.runPosition === position &&
            (one.mark === 'done' || one.mark === 'lost'),
        )?.mark
        const pull = of.get(position)
        if (mark === 'lost') before = 'lost'
        else if (before !== 'through') before = 'not-yet'
        else if (!RUN_KINDS[kind].press) before = mark === 'done' ? 'through' : 'waiting'
        else if (!pull) before = 'waiting'
        else {
          const decision = readPull(pull).decision?.decision
          before = decision ? AFTER[decision] : 'open'
        }
        return before
      })
      return {
        sheet,
        steps,
        isThrough: steps.every((step) => step === 'through'),
        isLost: steps.some((step) => step === 'rejected' || step === 'lost'),
        lastPullId: of.get(Math.max(...of.keys()))?.id ?? null,
      }
    })
}

/** Sheets that wait for a run: through all before it, and not in it yet. @param at the run's place in the order, from 0 */
export const sheetsWaiting = (lines: readonly SheetLine[], at: number): number[] =>
  lines.filter(({ steps }) => steps[at] === 'waiting').map(({ sheet }) => sheet)

/** What a run let through and what it cost, of the sheets that came to it; `waiting` stand before it, `open` are pulled and not decided. */
export interface RunTally {
  through: number
  lost: number
  waiting: number
  open: number
}

/** Counts a run. @param at its place in the order, from 0 */
export function runTally(lines: readonly SheetLine[], at: number): RunTally {
  const is = (...steps: SheetStep[]) =>
    lines.filter((line) => steps.includes(line.steps[at]) && (at === 0 || line.steps[at - 1] === 'through'))
      .length
  return { through: is('through'), lost: is('rejected', 'lost'), waiting: is('waiting'), open: is('open') }
}

/** Why nothing goes under the roller: no sheet waits. @param at the run's place in the order, from 0 */
export const noSheetWords = (runs: readonly Pick<Run, 'name'>[], at: number): string =>
  at === 0
    ? 'No existing print waits: take in another at Runs.'
    : `No sheet waits for “${runs[at].name}”: it needs one that is through “${runs[at - 1].name}”.`

interface RunsOfJob<P> {
  openRun: number
  runs: readonly Run[]
  pulls: readonly P[]
}

/** The run that stands on the bench. */
export const runOnBench = ({ openRun, runs }: Pick<RunsOfJob<unknown>, 'openRun' | 'runs'>): Run =>
  runs.find(({ position }) => position === openRun) ?? runs[0]

/** The pulls of the run that stands on the bench. */
export const pullsOnBench = <P extends { runPosition: number }>({
  openRun,
  pulls,
}: Pick<RunsOfJob<P>, 'openRun' | 'pulls'>): P[] => pulls.filter(({ runPosition }) => runPosition === openRun)
