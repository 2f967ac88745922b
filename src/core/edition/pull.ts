import { z } from 'zod'
import { matchVerdictSchema, scanSchema } from '../match/scan'
import { featuresSchema } from '../prove/features'
import { settingsSchema } from '../prove/settings'
import { finite, label, moment, remark } from '../units/schemas'
import { wipeTakenSchema } from '../wipe/pace'
import { faultSchema } from './fault'
import { laterEventSchema } from './laterEvent'
import { layDownSchema } from './layDown'
import { meetingSchema } from './meeting'
import { timeZone } from './pullId'
import { FATES, PULL_KINDS, type Fate, type PullKind } from './pullKinds'
import { QUANTITIES, QUANTITY_KEYS } from './quantities'

/** The first reading of most shops: side by side with the BAT (or the proof before). */
export const eyeReadingSchema = z.enum(['lighter', 'same', 'darker'], {
  error: 'expected lighter, same or darker',
})
export type EyeReading = z.infer<typeof eyeReadingSchema>

/**
 * What is added to a pull after it was made. A pull is append-only: a later event of the same kind amends the earlier,
 * which stays, and must say why.
 */
export const pullEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('eye'), reading: eyeReadingSchema }),
  z
    .strictObject({
      kind: z.literal('reading'),
      quantity: z.enum(QUANTITY_KEYS),
      value: finite,
      /** of the dry print; left out: of the wet one */ dry: z.literal(true).optional(),
    })
    .superRefine(({ quantity, value }, context) => {
      const { min, max, unit } = QUANTITIES[quantity]
      if (value < min || value > max)
        context.addIssue({
          code: 'custom',
          path: ['value'],
          message: `must be within ${min} and ${max} ${unit}`,
        })
    }),
  /** it was pulled at another moment than was said at first, which is kept here */
  z.strictObject({ kind: z.literal('moment'), was: moment }),
  z.strictObject({ kind: z.literal('wipe'), taken: wipeTakenSchema }),
  /** how plate and sheet came together: the starts of their segments */
  z.strictObject({ kind: z.literal('meeting'), starts: meetingSchema }),
  /** a fault of this print, where and what */
  z.strictObject({ kind: z.literal('fault'), ...faultSchema.shape }),
  /** one meeting of its sheet with the slab, of a monotype */
  z.strictObject({ kind: z.literal('laid'), laid: layDownSchema }),
  /** what differs from the BAT of the features people look at */
  z.strictObject({ kind: z.literal('features'), features: featuresSchema }),
  /** a picture of the impression, and what holding it against the approved proof's came to */
  z.strictObject({ kind: z.literal('scan'), scan: scanSchema }),
  z.strictObject({ kind: z.literal('match'), match: matchVerdictSchema }),
  /** whose print it is, of a class: the name stands on the roster alone */
  z.strictObject({ kind: z.literal('maker'), maker: finite.int().positive() }),
  /** how the plate was struck before its cancellation proof */
  z.strictObject({ kind: z.literal('cancelled'), how: label }),
  /** how long the plate was under the roller */
  z.strictObject({
    kind: z.literal('roller'),
    seconds: finite
      .positive({ error: 'must be more than 0' })
      .max(3600, { error: 'must be at most an hour' }),
  }),
  z.strictObject({
    kind: z.literal('verdict'),
    seen: eyeReadingSchema.nullable(),
    note: remark,
    outcome: z.enum(['keep', 'go-back']),
    features: featuresSchema.default({}),
    /** a picture of the proof */ imageId: label.nullable().default(null),
  }),
  z
    .strictObject({
      kind: z.literal('decision'),
      decision: z.enum(['accepted', 'set-aside', 'rejected']),
      reason: z.string().trim().max(120),
      fate: z.enum(Object.keys(FATES) as [Fate, ...Fate[]]).nullable(),
    })
    .superRefine(({ decision, reason, fate }, context) => {
      if (decision !== 'rejected') return
      if (!reason)
        context.addIssue({ code: 'custom', path: ['reason'], message: 'Choose what is wrong with it.' })
      if (!fate)
        context.addIssue({ code: 'custom', path: ['fate'], message: 'Choose what became of the sheet.' })
    }),
])
export type PullEvent = z.infer<typeof pullEventSchema>

/** An event as kept, of whatever release: with its moment, who, and why if it amends an earlier one. */
export const keptEventSchema = z.strictObject({
  event: z.union([pullEventSchema, laterEventSchema]),
  at: moment,
  by: label,
  why: z.string().max(500).nullable(),
})

export type KeptEvent = z.infer<typeof keptEventSchema>

/** Who inked, wiped and laid; null where nobody said. */
export const handsSchema = z.strictObject({
  inked: label.nullable(),
  wiped: label.nullable(),
  laid: label.nullable(),
})
export type Hands = z.infer<typeof handsSchema>

/** A sheet through the press: what was set, when, by whom, what was expected, and all that was seen after. */
export const pullSchema = z.strictObject({
  id: z.string().min(1),
  /** counts from 1 within its kind */
  number: finite.int().positive(),
  kind: z.enum(Object.keys(PULL_KINDS) as [PullKind, ...PullKind[]]),
  pulledAt: moment,
  zone: timeZone,
  estimated: z.boolean(),
  settings: settingsSchema,
  hands: handsSchema,
  expected: eyeReadingSchema.nullable(),
  expectation: remark,
  /** version of the BAT it was held to; null for proofs before the approval */
  batVersion: finite.int().positive().nullable(),
  events: z.array(keptEventSchema),
})
export type Pull = z.infer<typeof pullSchema>
