import { z } from 'zod'
import { label } from '../units/schemas'

/** Roles that are usually credited, in the order they are written [common practice, no source]; others can be typed. */
export const CREDIT_ROLES = [
  'Plate made by',
  'Proofed by',
  'Printed by',
  'Paper prepared by',
  'Curated by',
  'Published by',
] as const

/** Who did what; the hands at the pulls are known from the pulls themselves. */
export const creditsSchema = z
  .array(z.strictObject({ role: label, name: label }))
  .max(40, { error: 'must be at most 40' })
export type Credits = z.infer<typeof creditsSchema>
