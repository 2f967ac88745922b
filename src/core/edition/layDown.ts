import { z } from 'zod'
import { count, finite, label, positive, remark } from '../units/schemas'

/** One ink of a lay-down: what it is mixed of, how thick, and where. */
export const laidInkSchema = z.strictObject({
  name: label,
  parts: z
    .array(z.strictObject({ inkId: label, name: label, parts: positive }))
    .min(1)
    .max(12),
  micrometres: positive.max(100, { error: 'must be at most 100 µm' }),
  place: z.enum(['all', 'within', 'around']),
  /** the place that tape leaves open or covers; empty: all over */
  area: z.string().trim().max(60, { error: 'must be at most 60 characters' }),
})
export type LaidInk = z.infer<typeof laidInkSchema>

/** One meeting of a sheet and the slab: a print holds any number of them. */
export const layDownSchema = z
  .strictObject({
    /** counts from 1 within its print */
    number: count.min(1),
    way: z.enum(['slab', 'ghost', 'behind']),
    tool: z.enum(['rolled', 'painted', 'wiped']),
    inks: z.array(laidInkSchema).min(1, { error: 'needs an ink' }).max(8, { error: 'takes at most 8 inks' }),
    /** of a ghost: what it kept of the first film, once somebody judged it */
    kept: finite
      .min(0, { error: 'must be within 0 and 1' })
      .max(1, { error: 'must be within 0 and 1' })
      .nullable()
      .default(null),
    /** what was drawn from behind and with what, or marked on the back for the light table */
    marks: remark.default(''),
    /** how the print looks after it; null: no picture */
    imageId: z.string().min(1).nullable().default(null),
  })
  .superRefine(({ inks }, context) =>
    inks.forEach(({ place, area }, i) => {
      if (place !== 'all' && !area)
        context.addIssue({
          code: 'custom',
          path: ['inks', i, 'area'],
          message: 'Name the place the tape shows.',
        })
    }),
  )
export type LayDown = z.infer<typeof layDownSchema>
