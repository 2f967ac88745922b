import { z } from 'zod'
import { finite, label, nonNegative, remark } from '../units/schemas'
import {
  foundPlaceSchema,
  MATCH_CHECK_KEYS,
  matchTolerancesSchema,
  toleranceOf,
  type MatchCheck,
} from './checks/matchCheck'

/** How a picture of an impression was taken. */
export const TAKEN = {
  scanner: 'Scanner',
  camera: 'Photograph from above',
  model: 'Simulated, a model',
} as const

const share = finite
  .min(-0.5, { error: 'must be near the picture' })
  .max(1.5, { error: 'must be near the picture' })
const corner = z.tuple([share, share])

/** A picture of an impression: how it was taken, of the wet or the dry print, and where its sheet lies in it. */
export const scanSchema = z
  .strictObject({
    imageId: label,
    taken: z.enum(['scanner', 'camera', 'model']),
    dry: z.boolean(),
    /** top left, top right, bottom right, bottom left, as shares of the picture; null: found by the tool */
    corners: z.tuple([corner, corner, corner, corner]).nullable(),
    /** where the plate mark lies on the straightened sheet, mm; left out or null: found by the tool */
    plateAt: z.strictObject({ leftMm: finite, topMm: finite }).nullish(),
    /** maker and model of the device, as its file says; left out or null: it says nothing */
    device: label.nullish(),
  })
  .superRefine(({ taken, dry }, context) => {
    if (taken === 'scanner' && !dry)
      context.addIssue({
        code: 'custom',
        path: ['taken'],
        message: 'A wet print never goes on the scanner: photograph it from above.',
      })
  })
export type Scan = z.infer<typeof scanSchema>

/** A place that differs and is let pass, with the reason. */
export const acceptedPlaceSchema = foundPlaceSchema.extend({ why: remark })
export type AcceptedPlace = z.infer<typeof acceptedPlaceSchema>

/** What holding an impression's scan against the approved proof's came to. */
export const matchVerdictSchema = z.strictObject({
  /** the pull it was held against */
  referencePullId: label,
  /** unclear: nothing differs of what could be told, and a picture kept the rest from being told */
  outcome: z.enum(['matches', 'differs', 'unclear']),
  /** mean ΔE00 over the plate, and the value 19 of 20 places lie below */
  deltaE00: z.strictObject({ mean: nonNegative, p95: nonNegative }),
  /** every check in its unit; null: could not be said; left out: not judged */
  values: z.partialRecord(z.enum(MATCH_CHECK_KEYS), finite.nullable()),
  places: z.array(foundPlaceSchema).max(500),
  accepted: z.array(acceptedPlaceSchema).max(500),
  tolerances: matchTolerancesSchema,
})
export type MatchVerdict = z.infer<typeof matchVerdictSchema>

/** How far an impression is from the approved proof by its scan, in tolerances: the farthest check; places that were accepted do not count, nor what could not be said. Null: nothing could. */
export function scanDistance({ values, tolerances, places, accepted }: MatchVerdict): {
  distance: number
  check: MatchCheck
} | null {
  const left = (check: MatchCheck) =>
    places.filter((place) => place.check === check).length -
    accepted.filter((place) => place.check === check).length
  const hasPlaces = (check: MatchCheck) => places.some((place) => place.check === check)
  const distanceOf = (check: MatchCheck, value: number): number => {
    const tolerance = toleranceOf(tolerances, check)
    if (check === 'blanks' || check === 'marks')
      return left(check) <= tolerance ? 0 : 1 + 0.25 * (left(check) - tolerance)
    if (value === 0 || (hasPlaces(check) && left(check) <= 0)) return 0
    return tolerance === 0 ? 2 : Math.abs(value) / tolerance
  }
  const parts = MATCH_CHECK_KEYS.flatMap((check) => {
    const value = values[check] ?? (hasPlaces(check) ? 0 : null)
    return value === null ? [] : [{ check, distance: distanceOf(check, value) }]
  })
  return parts.length === 0
    ? null
    : parts.reduce((most, part) => (part.distance > most.distance ? part : most))
}

/** Why two pictures may not be held against one another as they are; null: they may. Fresh ink reads darker and the damp sheet is larger. */
export function unlikeScans(reference: Pick<Scan, 'dry'>, impression: Pick<Scan, 'dry'>): string | null {
  if (reference.dry === impression.dry) return null
  return `One picture is of the ${reference.dry ? 'dry' : 'wet'} print and the other of the ${impression.dry ? 'dry' : 'wet'} one: fresh ink reads darker and the damp sheet is larger. Compare wet with wet, or dry with dry; or read a few prints of this ink and paper both wet and dry in Densitometer, and what drying does is allowed for.`
}
