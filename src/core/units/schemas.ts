import { z } from 'zod'

/** A finite number; NaN and infinities are refused at every door. */
export const finite = z.number({ error: 'needs a number' })

/** A finite number above zero: lengths, masses, thicknesses. */
export const positive = finite.positive({ error: 'must be more than 0' })

/** A finite number of zero or more: counts of things, times, turns. */
export const nonNegative = finite.nonnegative({ error: 'must be 0 or more' })

/** A whole number of zero or more. */
export const count = finite
  .int({ error: 'must be a whole number' })
  .nonnegative({ error: 'must be 0 or more' })

/** A short text a person typed: trimmed, never empty, never endless. */
export const label = z
  .string()
  .trim()
  .min(1, { error: 'is empty: fill it in' })
  .max(120, { error: 'must be at most 120 characters' })

/** A longer remark: trimmed, may be empty. */
export const remark = z.string().trim().max(2000, { error: 'must be at most 2000 characters' })

/** A moment as ISO 8601 in UTC, as `Date.toISOString` writes it. */
export const moment = z.iso.datetime({ error: 'enter a date and time' })
