import { z } from 'zod'
import { label, moment, positive } from '../units/schemas'

/** A print that was there before the job, and is printed over in it: its sheet begins here with what it carries already. */
export const givenSheetSchema = z.strictObject({
  sheet: positive.int(),
  /** its number, as it is written on it */
  mark: label,
  /** where it comes from: a job of this workshop, or whoever brought it */
  source: label,
  /** how it looks before anything is done to it; null: no picture */
  imageId: z.string().min(1).nullable().default(null),
  /** when it went through the press last; null: not known, and taken as dry */
  printedAt: moment.nullable().default(null),
  /** the impression it was in this workshop; null: from outside */
  print: z.strictObject({ jobId: label, pullId: label }).nullable().default(null),
  by: label,
  at: moment,
})
export type GivenSheet = z.infer<typeof givenSheetSchema>

/** Existing prints as they are taken in: numbered ones of another job, or one from outside. */
export const newGivenSchema = z.strictObject({
  prints: z.discriminatedUnion('from', [
    z.strictObject({
      from: z.literal('job'),
      jobId: label,
      pullIds: z.array(label).min(1, { error: 'Choose at least one print.' }).max(500),
    }),
    z.strictObject({
      from: z.literal('outside'),
      mark: label,
      source: label,
      imageId: givenSheetSchema.shape.imageId,
    }),
  ]),
  by: label,
})
export type NewGiven = z.input<typeof newGivenSchema>

/** What an existing print is called. @example nameOfGiven({ mark: '7/24', source: 'Mooring posts' }) // '7/24 of Mooring posts' */
export const nameOfGiven = ({ mark, source }: Pick<GivenSheet, 'mark' | 'source'>): string =>
  `${mark} of ${source}`

/** The existing print a sheet was; null: a fresh sheet. */
export const givenOf = (given: readonly GivenSheet[], sheet: number): GivenSheet | null =>
  given.find((one) => one.sheet === sheet) ?? null
