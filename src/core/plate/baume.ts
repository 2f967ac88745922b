import { z } from 'zod'
import { finite } from '../units/schemas'

/** Modulus of the Baumé scale for liquids heavier than water, at 60 °F (NIST). */
const MODULUS = 145

export const baumeInput = z
  .strictObject({
    degrees: finite
      .min(0, { error: 'must be within 0 and 140: the scale for liquids heavier than water' })
      .max(140, { error: 'must be within 0 and 140' })
      .optional(),
    specificGravity: finite
      .min(1, { error: 'must be 1 or more: the scale for liquids heavier than water' })
      .max(29, { error: 'must be at most 29' })
      .optional(),
  })
  .superRefine(({ degrees, specificGravity }, context) => {
    if ((degrees === undefined) === (specificGravity === undefined))
      context.addIssue({
        code: 'custom',
        path: ['degrees'],
        message: 'expected either degrees or specificGravity',
      })
  })
export const baumeOutput = z.strictObject({ degrees: finite, specificGravity: finite })

/** Degrees Baumé and specific gravity: SG = 145/(145 − °Bé), heavy scale at 60 °F (NIST definition). 42 °Bé is SG 1.408. */
export function convertBaume({
  degrees,
  specificGravity,
}: z.infer<typeof baumeInput>): z.infer<typeof baumeOutput> {
  if (degrees !== undefined) return { degrees, specificGravity: MODULUS / (MODULUS - degrees) }
  return { degrees: MODULUS - MODULUS / specificGravity!, specificGravity: specificGravity! }
}

/**
 * Water to bring a solution to a lower strength, ml, volumes taken as adding up: V·(SG − SG′)/(SG′ − 1).
 *
 * @returns null when the wanted strength is not lower, or is water
 */
export function dilutionWater({
  volumeMl,
  fromDegrees,
  toDegrees,
}: {
  volumeMl: number
  fromDegrees: number
  toDegrees: number
}): number | null {
  const [from, to] = [fromDegrees, toDegrees].map((degrees) => convertBaume({ degrees }).specificGravity)
  return to <= 1 || to > from ? null : (volumeMl * (from - to)) / (to - 1)
}
