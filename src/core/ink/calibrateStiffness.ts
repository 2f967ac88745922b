import { z } from 'zod'
import { finite, positive } from '../units/schemas'

export const dripTimesInput = z
  .strictObject({
    /** the same drip or slump, at two temperatures */
    first: z.strictObject({ temperatureC: finite, seconds: positive }),
    second: z.strictObject({ temperatureC: finite, seconds: positive }),
  })
  .superRefine(({ first, second }, context) => {
    const issue = (message: string) =>
      context.addIssue({ code: 'custom', path: ['second', 'temperatureC'], message })
    if (Math.abs(first.temperatureC - second.temperatureC) < 2) issue('the two must be at least 2 °C apart')
    else if ((first.temperatureC - second.temperatureC) * (first.seconds - second.seconds) >= 0)
      issue('the warmer one must run faster; were the two swapped?')
  })

/**
 * Degrees that halve the viscosity, from the same drip timed at two temperatures: drip time is proportional to viscosity, so
 * h = (T₂ − T₁)·ln 2 / ln(t₁/t₂).
 *
 * @returns h in °C; good for about ±15 °C around where it was timed
 */
export function halvingStep({ first, second }: z.infer<typeof dripTimesInput>): number {
  return ((second.temperatureC - first.temperatureC) * Math.LN2) / Math.log(first.seconds / second.seconds)
}

/** Viscosity of an oil or ink from its drip time beside one whose viscosity is known, at the same temperature, Pa·s. */
export function viscosityFromDrip(seconds: number, known: { seconds: number; viscosityPas: number }): number {
  return (known.viscosityPas * seconds) / known.seconds
}

export const coolingInput = z
  .strictObject({
    roomC: finite,
    /** plate as it leaves the heat */
    startC: finite,
    later: z.strictObject({ minutes: positive, plateC: finite }),
  })
  .superRefine(({ roomC, startC, later }, context) => {
    if (!(startC > later.plateC))
      context.addIssue({
        code: 'custom',
        path: ['later', 'plateC'],
        message: 'must be cooler than at the start',
      })
    else if (!(later.plateC > roomC))
      context.addIssue({
        code: 'custom',
        path: ['later', 'plateC'],
        message: 'must still be warmer than the room',
      })
  })

/**
 * Minutes in which a plate off the heat loses 63 % of what it is warmer than the room (Newton's law of cooling):
 * τ = t / ln((T₀ − T_room)/(T − T_room)).
 */
export function coolingMinutes({ roomC, startC, later }: z.infer<typeof coolingInput>): number {
  return later.minutes / Math.log((startC - roomC) / (later.plateC - roomC))
}

/** Minutes until a plate has fallen from one temperature to another in a room; null when it never gets there. */
export function minutesUntil({
  roomC,
  fromC,
  toC,
  coolingTauMinutes,
}: {
  roomC: number
  fromC: number
  toC: number
  coolingTauMinutes: number
}): number | null {
  if (toC <= roomC) return null
  return fromC <= toC ? 0 : coolingTauMinutes * Math.log((fromC - roomC) / (toC - roomC))
}
