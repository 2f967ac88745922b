import { z } from 'zod'
import { pointSchema } from '../geometry/point'
import { count, label, moment, remark } from '../units/schemas'

/** A flaw that is known: looked at on every pull. It is kept with the state it was seen in, and may be marked as gone. */
export const watchSpotSchema = z.strictObject({
  state: count.min(1),
  at: pointSchema,
  note: remark.min(1, { error: 'Enter what is to be watched.' }),
  seenAt: moment,
  by: label,
  goneAt: moment.nullable(),
})
export type WatchSpot = z.infer<typeof watchSpotSchema>

/** A steel facing: how many pulls the plate had before it. */
export const facingSchema = z.strictObject({ afterPulls: count, at: moment, by: label, note: remark })
export type Facing = z.infer<typeof facingSchema>

/** Spots that are still to be watched. */
export const openSpots = (spots: readonly WatchSpot[]): WatchSpot[] =>
  spots.filter(({ goneAt }) => goneAt === null)
