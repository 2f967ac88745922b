import { z } from 'zod'
import { PRINT_KINDS, type PrintKind } from '../dry/editionNumbers'
import { markAs, signingSchema, USUAL_SIGNING, type Signing } from '../dry/numbering'
import { DRYING_METHOD_KEYS } from '../dry/drying'
import { pullId, timeZone } from '../edition/pullId'
import { pullSchema } from '../edition/pull'
import { rosterSchema } from '../edition/roster'
import { givenSheetSchema } from '../edition/givenSheets'
import { runSchema, sheetMarkSchema } from '../edition/runs'
import { passesSchema } from '../prove/features'
import { settingsSchema } from '../prove/settings'
import { tolerancesSchema } from '../prove/tolerance'
import { shelfInkSchema } from '../ink/shelfInk'
import { makingSchema } from '../plate/making'
import { facingSchema, watchSpotSchema } from '../plate/plateState'
import { keptZoneMapSchema } from '../plate/zoneMap'
import { colleSettingSchema } from '../register/chineColle'
import { keptMisfitSchema } from '../register/misfitHistory'
import { keptCustodySchema } from './custody'
import { PURPOSE_KEYS } from '../prove/purpose'
import { count, label, moment, positive, remark } from '../units/schemas'
import { writeMoment } from '../units/moment'
import { creditsSchema } from './credits'

/** Version of the job file; a later one is refused and says so. */
export const JOB_FILE_VERSION = 4

/** What an approver who was not there was asked, and what was answered. */
export const fromPictureSchema = z.strictObject({ asked: remark, answered: label })
export type FromPicture = z.infer<typeof fromPictureSchema>

/** When a print was seen by whoever had approved it from a picture. */
const seenSchema = z.strictObject({ at: moment, by: label })

/** The approved proof, its settings for every run, and how far an impression may stray. */
export const batSchema = z.strictObject({
  version: positive.int(),
  proofPullId: z.string().min(1),
  runs: z
    .array(
      z.strictObject({
        position: count,
        settings: settingsSchema,
        tolerances: tolerancesSchema,
        /** its own approved pull; null: the version's */ proofPullId: z
          .string()
          .min(1)
          .nullable()
          .default(null),
        /** judged features that may differ and still pass */ passes: passesSchema.default({}),
        /** approved from a picture: what was asked and answered, and who saw a print since; null: the print itself was looked at */
        fromPicture: fromPictureSchema
          .extend({ seen: seenSchema.nullable().default(null) })
          .nullable()
          .default(null),
      }),
    )
    .min(1),
  approvedBy: label,
  approvedAt: moment,
  reason: remark,
  /** a second proof at the other end of what passes: the richest beside the palest */
  otherProofPullId: z.string().min(1).nullable().default(null),
  /** minutes after the pull at which wet prints are compared; null: nobody said */
  wetMinutes: positive.max(1440, { error: 'must be at most a day' }).nullable().default(null),
})
export type Bat = z.infer<typeof batSchema>

export const plateStateSchema = z.strictObject({
  state: positive.int().max(99),
  note: remark,
  openedAt: moment,
})
export const dryingSchema = z.strictObject({
  method: z.enum(DRYING_METHOD_KEYS),
  laidAt: moment,
  readyAt: moment,
  by: label,
})
export type Drying = z.infer<typeof dryingSchema>

/** Numbers that were taken back, with what they were. */
export const unlockSchema = z.strictObject({
  marks: z.array(z.strictObject({ mark: label, pullId: z.string().min(1) })),
  why: label,
  by: label,
  at: moment,
})
export type Unlock = z.infer<typeof unlockSchema>

/** A numbered impression. */
export const printSchema = z.strictObject({
  pullId: z.string().min(1),
  kind: z.enum(Object.keys(PRINT_KINDS) as [PrintKind, ...PrintKind[]]),
  number: positive.int(),
  mark: label,
  numberedAt: moment,
})
export type Print = z.infer<typeof printSchema>

/** A pull with its place in the job: which run, which sheet, on what paper. */
export const filedPullSchema = pullSchema.extend({
  id: pullId,
  runPosition: count,
  sheet: positive.int(),
  paperId: label,
})
export type FiledPull = z.infer<typeof filedPullSchema>

/** A pull that was none: kept whole with all that was said of it, and counted nowhere. */
export const withdrawnPullSchema = filedPullSchema.extend({
  withdrawnAt: moment,
  withdrawnBy: label,
  why: z.string().max(500),
})
export type WithdrawnPull = z.infer<typeof withdrawnPullSchema>

/** Places of prints whose number or mark does not follow from the list: each kind counts from 1 to its own total without gaps. */
function checkMarks(
  prints: readonly Print[],
  marking: Signing['marking'],
  momentOf: (pullId: string) => string,
): number[] {
  const of = (kind: PrintKind) => prints.filter((print) => print.kind === kind)
  const follows = ({ kind, number, mark, pullId: id }: Print) => {
    const total = of(kind).length
    return (
      number <= total &&
      of(kind).filter((print) => print.number === number).length === 1 &&
      (['arabic', 'roman'] as const).some(
        (style) => markAs(marking, style, kind, number, total, momentOf(id)) === mark,
      )
    )
  }
  return prints.flatMap((print, i) => (follows(print) ? [] : [i]))
}

/** A whole job as one JSON document: everything but pictures. */
export const jobFileSchema = z
  .strictObject({
    format: z.literal('typothesis-job', { error: 'this is not a Typothesis job file' }),
    version: z.literal(JOB_FILE_VERSION, {
      error: (issue) =>
        `version ${String(issue.input)} is from a later Typothesis; this one reads version ${JOB_FILE_VERSION}`,
    }),
    exportedAt: moment,
    job: z.strictObject({
      title: label,
      artist: label,
      editionSize: positive.int().max(5000),
      createdAt: moment,
      openRun: count.default(0),
      purpose: z.enum(PURPOSE_KEYS),
      credits: creditsSchema.default([]),
    }),
    runs: z.array(runSchema).min(1),
    plateStates: z.array(plateStateSchema),
    pulls: z.array(filedPullSchema).max(100_000),
    bats: z.array(batSchema),
    prints: z.array(printSchema),
    dryings: z.array(dryingSchema),
    inks: z.array(shelfInkSchema),
    // Since the second release; a file of the first has none of them.
    zoneMaps: z.array(keptZoneMapSchema).default([]),
    makings: z.array(makingSchema).default([]),
    watchSpots: z.array(watchSpotSchema).default([]),
    facings: z.array(facingSchema).default([]),
    collePieces: z.array(colleSettingSchema).default([]),
    misfits: z.array(keptMisfitSchema).default([]),
    unlocks: z.array(unlockSchema).default([]),
    custody: z.array(keptCustodySchema).default([]),
    signing: signingSchema.default(USUAL_SIGNING),
    sheetMarks: z.array(sheetMarkSchema).default([]),
    givenSheets: z.array(givenSheetSchema).max(5000).default([]),
    withdrawn: z.array(withdrawnPullSchema).default([]),
    roster: rosterSchema.nullable().default(null),
  })
  .superRefine((file, context) => {
    const ids = new Set(file.pulls.map((pull) => pull.id))
    if (
      new Set([...ids, ...file.withdrawn.map(({ id }) => id)]).size <
      file.pulls.length + file.withdrawn.length
    )
      context.addIssue({ code: 'custom', path: ['pulls'], message: 'two pulls have the same id' })
    const twice = (values: string[]) => values.find((value, i) => values.indexOf(value) !== i)
    const doubled = twice(
      file.prints
        .filter(({ kind }) => !(kind === 'edition' && file.signing.marking === 'unique'))
        .map(({ mark }) => mark),
    )
    if (doubled)
      context.addIssue({ code: 'custom', path: ['prints'], message: `the number ${doubled} is given twice` })
    const momentOf = (id: string) => {
      const pull = file.signing.marking === 'moment' ? file.pulls.find((one) => one.id === id) : undefined
      // A zone nobody could write out is an error of its own.
      return pull && timeZone.safeParse(pull.zone).success ? writeMoment(pull.pulledAt, pull.zone) : ''
    }
    checkMarks(file.prints, file.signing.marking, momentOf).forEach((i) =>
      context.addIssue({
        code: 'custom',
        path: ['prints', i, 'mark'],
        message: `${file.prints[i].mark} is not what this impression’s number and the totals make it`,
      }),
    )
    file.prints.forEach(
      ({ pullId }, i) =>
        ids.has(pullId) ||
        context.addIssue({
          code: 'custom',
          path: ['prints', i, 'pullId'],
          message: 'speaks of a pull that is not in the file',
        }),
    )
    file.custody.forEach(
      ({ pullId }, i) =>
        file.prints.some((print) => print.pullId === pullId) ||
        context.addIssue({
          code: 'custom',
          path: ['custody', i, 'pullId'],
          message: 'speaks of a print that has no number',
        }),
    )
    file.bats.forEach(
      ({ proofPullId }, i) =>
        ids.has(proofPullId) ||
        context.addIssue({
          code: 'custom',
          path: ['bats', i, 'proofPullId'],
          message: 'speaks of a pull that is not in the file',
        }),
    )
    file.pulls.forEach(({ events }, i) =>
      events.forEach(
        ({ event }, k) =>
          event.kind !== 'match' ||
          ids.has(event.match.referencePullId) ||
          context.addIssue({
            code: 'custom',
            path: ['pulls', i, 'events', k],
            message: 'was compared with a pull that is not in the file',
          }),
      ),
    )
    file.zoneMaps.forEach(
      ({ version }, i) =>
        version === i + 1 ||
        context.addIssue({
          code: 'custom',
          path: ['zoneMaps', i, 'version'],
          message: 'versions count from 1 without gaps',
        }),
    )
    const twicePiece = twice(file.collePieces.map(({ name }) => name))
    if (twicePiece)
      context.addIssue({
        code: 'custom',
        path: ['collePieces'],
        message: `the piece ${twicePiece} is there twice`,
      })
    const positions = new Set(file.runs.map((run) => run.position))
    if (!positions.has(file.job.openRun))
      context.addIssue({
        code: 'custom',
        path: ['job', 'openRun'],
        message: 'speaks of a run that is not in the file',
      })
    file.sheetMarks.forEach(
      ({ runPosition }, i) =>
        positions.has(runPosition) ||
        context.addIssue({
          code: 'custom',
          path: ['sheetMarks', i, 'runPosition'],
          message: 'speaks of a run that is not in the file',
        }),
    )
    file.pulls.forEach(
      ({ runPosition }, i) =>
        positions.has(runPosition) ||
        context.addIssue({
          code: 'custom',
          path: ['pulls', i, 'runPosition'],
          message: 'speaks of a run that is not in the file',
        }),
    )
  })
export type JobFile = z.infer<typeof jobFileSchema>
