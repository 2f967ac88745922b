import { isNamedBefore } from '../units/byName'
import { z } from 'zod'
import { finite, label, nonNegative } from '../units/schemas'
import { minutesForTone, slowness, type BiteCurve } from './biteCurve'

export const biteAreaSchema = z.strictObject({
  name: label,
  tone: nonNegative.max(4, { error: 'must be within 0 and 4' }),
})
export type BiteArea = z.infer<typeof biteAreaSchema>

export const bitePlanSchema = z
  .strictObject({
    areas: z
      .array(biteAreaSchema)
      .min(1, { error: 'needs at least one area' })
      .max(30, { error: 'takes at most 30 areas' }),
    bathC: finite
      .min(0, { error: 'must be within 0 and 60 °C' })
      .max(60, { error: 'must be within 0 and 60 °C' }),
  })
  .superRefine(({ areas }, context) =>
    areas.forEach(
      ({ name }, i) =>
        isNamedBefore(areas, i) &&
        context.addIssue({ code: 'custom', path: ['areas', i, 'name'], message: `${name} is there twice` }),
    ),
  )
export type BitePlan = z.infer<typeof bitePlanSchema>

/** One immersion: how long, and what is stopped out before the next. */
export interface Immersion {
  minutes: number
  cumulativeMinutes: number
  /** areas that have their tone now, lightest first */
  stopOut: string[]
}

/** A timetable, and the areas whose tone this grain cannot give. */
export interface BiteTimetable {
  /** stopped out before the first immersion: bare white */
  before: string[]
  immersions: Immersion[]
  outOfReach: { name: string; mostTone: number }[]
}

/** Immersions closer together than this are one: nobody stops out in less, minutes. */
const SAME = 0.05

/** Plans which areas to stop out after which minutes, so that each has its tone: lightest first, cumulative, at the bath's temperature. */
export function planBite({ areas, bathC }: BitePlan, curve: BiteCurve): BiteTimetable {
  const timed = areas.map(({ name, tone }) => ({ name, minutes: minutesForTone(curve, tone) }))
  const outOfReach = timed
    .filter(({ minutes }) => minutes === null)
    .map(({ name }) => ({ name, mostTone: curve.peakTone }))
  const reached = timed
    .filter((area): area is { name: string; minutes: number } => area.minutes !== null)
    .map(({ name, minutes }) => ({ name, minutes: minutes * slowness(curve.temperatureC, bathC) }))
  const immersions: Immersion[] = []
  for (const { name, minutes } of reached
    .filter((area) => area.minutes > 0)
    .sort((a, b) => a.minutes - b.minutes)) {
    const last = immersions.at(-1)
    if (last && minutes - last.cumulativeMinutes < SAME) last.stopOut.push(name)
    else
      immersions.push({
        minutes: minutes - (last?.cumulativeMinutes ?? 0),
        cumulativeMinutes: minutes,
        stopOut: [name],
      })
  }
  return {
    before: reached.filter(({ minutes }) => minutes === 0).map(({ name }) => name),
    immersions,
    outOfReach,
  }
}
