import { z } from 'zod'

/** An event of a kind that this release does not know: kept and exported word for word, and shown as from a later release. */
export const laterEventSchema = z.strictObject({
  kind: z.literal('later'),
  /** what the later release calls it */
  was: z.string(),
  document: z.record(z.string(), z.unknown()),
})
export type LaterEvent = z.infer<typeof laterEventSchema>
