import { isNamedBefore } from '../units/byName'
import { z } from 'zod'
import { boundsOf, pointSchema, type Point } from '../geometry/point'
import { outlineArea, selfCrossings } from '../geometry/polygon'
import { count, label } from '../units/schemas'
import { PLATE_TONES, type PlateTone } from './plateTone'

/** Most zones of a plate, and most points of an outline. */
export const MOST_ZONES = 60
export const MOST_POINTS = 400
/** How far an outline may reach over the plate's edge before it is a mistake, mm: a hand that follows the edge does not. */
const EDGE_SLACK_MM = 0.05

/** What a zone is inked with: a recipe card or an ink of the shelf, by name. */
export const zoneInkSchema = z.strictObject({ source: z.enum(['card', 'ink']), id: label, name: label })
export type ZoneInk = z.infer<typeof zoneInkSchema>

/** How a zone ends where another begins. */
export const BORDERS = { hard: 'Hard', feathered: 'Feathered' } as const
export type Border = keyof typeof BORDERS

/** An area of a plate: its outline in plate millimetres, what it is inked with, and the film that is left on it. */
export const zoneSchema = z.strictObject({
  id: label,
  name: label,
  outline: z
    .array(pointSchema)
    .min(3, { error: 'needs at least three points' })
    .max(MOST_POINTS, { error: `takes at most ${MOST_POINTS} points` }),
  /** null with `isWhite`: kept white; null without: still to be said */
  ink: zoneInkSchema.nullable(),
  isWhite: z.boolean(),
  tone: z.enum(Object.keys(PLATE_TONES) as [PlateTone, ...PlateTone[]]),
  border: z.enum(['hard', 'feathered']),
  /** filled in last, into what is left between the others */
  isFiller: z.boolean(),
})
export type Zone = z.infer<typeof zoneSchema>

/** The three fixed places of a plate that are read on every impression. */
export const TONE_SPOTS = { tone1: 'Dark spot', tone2: 'Bright spot', tone3: 'Middle spot' } as const
export type ToneSpot = keyof typeof TONE_SPOTS
export const toneSpotsSchema = z.strictObject({
  tone1: pointSchema.nullable(),
  tone2: pointSchema.nullable(),
  tone3: pointSchema.nullable(),
})
export type ToneSpots = z.infer<typeof toneSpotsSchema>

/** Zones of a plate from bottom to top: where two overlap, the later one holds. */
export const zoneMapSchema = z.strictObject({
  zones: z.array(zoneSchema).max(MOST_ZONES, { error: `takes at most ${MOST_ZONES} zones` }),
  spots: toneSpotsSchema,
})
export type ZoneMap = z.infer<typeof zoneMapSchema>

/** A zone map as kept: earlier versions stay, since pulls refer to them. */
export const keptZoneMapSchema = z.strictObject({
  version: count.min(1),
  map: zoneMapSchema,
  at: z.string(),
  by: label,
})
export type KeptZoneMap = z.infer<typeof keptZoneMapSchema>

/** A map on which nothing is drawn. */
export const EMPTY_ZONE_MAP: ZoneMap = { zones: [], spots: { tone1: null, tone2: null, tone3: null } }

/** What is wrong: the first two can be mended by the tool. */
export type ZoneFault = 'over-the-edge' | 'crosses-itself' | 'no-area' | 'named-twice' | 'no-ink'

/** What is wrong with a zone, where it can be shown: at a point of the plate, and in words. */
export interface ZoneProblem {
  zoneId: string
  fault: ZoneFault
  message: string
  at: Point | null
  /** `refused` cannot be kept; `open` can, and is said */
  weight: 'refused' | 'open'
}

/** The part of a number's range a point is moved to. */
const within = (value: number, most: number) => Math.max(0, Math.min(most, value))

/** Brings a point onto the plate. */
export const ontoPlate = (
  [x, y]: Point,
  { widthMm, heightMm }: { widthMm: number; heightMm: number },
): Point => [within(x, widthMm), within(y, heightMm)]

/** Looks a map over: zones off the plate, crossing themselves, without area, named twice, without an ink. */
export function checkZoneMap(
  { zones }: Pick<ZoneMap, 'zones'>,
  plate: { widthMm: number; heightMm: number },
): ZoneProblem[] {
  return zones.flatMap(({ id, name, outline, ink, isWhite }, i): ZoneProblem[] => {
    const problems: ZoneProblem[] = []
    const { left, top, right, bottom } = boundsOf(outline)
    if (
      left < -EDGE_SLACK_MM ||
      top < -EDGE_SLACK_MM ||
      right > plate.widthMm + EDGE_SLACK_MM ||
      bottom > plate.heightMm + EDGE_SLACK_MM
    ) {
      const outside = outline.find((point) =>
        ontoPlate(point, plate).some((value, axis) => Math.abs(value - point[axis]) > EDGE_SLACK_MM),
      )!
      problems.push({
        zoneId: id,
        fault: 'over-the-edge',
        message: `${name} reaches over the plate’s edge.`,
        at: outside,
        weight: 'refused',
      })
    }
    const [cross] = selfCrossings(outline)
    if (cross)
      problems.push({
        zoneId: id,
        fault: 'crosses-itself',
        message: `${name} crosses itself.`,
        at: cross,
        weight: 'refused',
      })
    else if (outlineArea(outline) < 0.01)
      problems.push({
        zoneId: id,
        fault: 'no-area',
        message: `${name} has no area.`,
        at: outline[0],
        weight: 'refused',
      })
    if (isNamedBefore(zones, i))
      problems.push({
        zoneId: id,
        fault: 'named-twice',
        message: `${name} is there twice: give it a name of its own.`,
        at: null,
        weight: 'refused',
      })
    if (!ink && !isWhite)
      problems.push({
        zoneId: id,
        fault: 'no-ink',
        message: `${name} has no ink: a place to wipe only, until you choose one.`,
        at: null,
        weight: 'open',
      })
    return problems
  })
}
