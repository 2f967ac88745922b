import type { Point } from '@/core/geometry/point'
import { brushed, cutToPlate, freeZoneName, nudge, repairOutline } from '@/core/plate/zoneEdits'
import { MOST_ZONES, TONE_SPOTS, type ToneSpot, type Zone, type ZoneMap } from '@/core/plate/zoneMap'

type Size = { widthMm: number; heightMm: number }

/** What a click on the plate does. */
export type ZoneTool = 'choose' | 'polygon' | 'brush' | ToneSpot

/** How far an arrow key moves a zone or a point, mm; with Shift ten times as far. */
export const NUDGE_MM = 0.5
const SHIFT_TIMES = 10
const USUAL_BRUSH_MM = 4
const BRUSH_MM = [0.1, 50] as const
const ARROWS: Record<string, Point> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
/** Shown of a zone without an ink. */
const NO_INK = '#b0b0b0'

/** What stands in hand while zones are drawn; the map itself has its own history. */
export interface ZoneHand {
  chosen: string | null
  /** the corner of the chosen zone that the arrows move; null: the whole zone */
  corner: number | null
  tool: ZoneTool
  brushMm: number | null
  isPrintWay: boolean
}

export const openZoneHand = (): ZoneHand => ({
  chosen: null,
  corner: null,
  tool: 'choose',
  brushMm: USUAL_BRUSH_MM,
  isPrintWay: false,
})

/** Another zone, or none, comes into hand: no corner of it yet. */
export const choosing = (id: string | null): Pick<ZoneHand, 'chosen' | 'corner'> => ({
  chosen: id,
  corner: null,
})

/** The brush as it paints, mm: a size that is missing or out of bounds is brought within them. */
export const brushWithin = (mm: number | null): number =>
  Math.min(BRUSH_MM[1], Math.max(BRUSH_MM[0], mm ?? USUAL_BRUSH_MM))

export const brushProblem = (mm: number | null): string | undefined =>
  mm !== null && brushWithin(mm) !== mm ? `must be within ${BRUSH_MM.join(' and ')}` : undefined

/** The map with one more zone on top; null: it holds no more. */
export function withZone(map: ZoneMap, outline: Point[], id: string): ZoneMap | null {
  if (map.zones.length >= MOST_ZONES) return null
  const zone: Zone = {
    id,
    name: freeZoneName(map.zones),
    outline,
    ink: null,
    isWhite: false,
    tone: 'light',
    border: 'hard',
    isFiller: false,
  }
  return { ...map, zones: [...map.zones, zone] }
}

export const withoutZone = (map: ZoneMap, id: string): ZoneMap => ({
  ...map,
  zones: map.zones.filter((zone) => zone.id !== id),
})

/** The map with a place that is read on every impression, to the tenth of a millimetre. */
export const withSpot = (map: ZoneMap, spot: ToneSpot, [x, y]: Point): ZoneMap => ({
  ...map,
  spots: { ...map.spots, [spot]: [Math.round(x * 10) / 10, Math.round(y * 10) / 10] },
})

/** An outline as it is kept after a drag, to the hundredth of a millimetre. */
export const settledOutline = (outline: readonly Point[]): Point[] =>
  outline.map(([x, y]): Point => [Math.round(x * 100) / 100, Math.round(y * 100) / 100])

/** A zone mended: untangled, else cut to the plate; null: nothing of it is left. */
export const mended = ({ outline }: Zone, plate: Size): Point[] | null =>
  repairOutline(outline, plate) ?? cutToPlate(outline, plate)

/** What a stroke makes of the zone in hand, or of nothing. */
export const painted = (
  zone: Zone | null,
  path: Point[],
  brushMm: number | null,
  plate: Size,
): Point[] | null => brushed(zone?.outline ?? null, path, brushWithin(brushMm), plate)

/** What colour each zone is shown in. */
export const zoneColours = (
  zones: readonly Zone[],
  inks: readonly { source: string; id: string; look: { srgb: string } }[],
): Record<string, string> =>
  Object.fromEntries(
    zones.map(({ id, ink }) => [
      id,
      inks.find((one) => one.source === ink?.source && one.id === ink.id)?.look.srgb ?? NO_INK,
    ]),
  )

/** What a key does to the zone in hand. */
export type ZoneKey =
  | { kind: 'move'; outline: Point[] }
  | { kind: 'corner'; at: number }
  | { kind: 'remove' }
  | { kind: 'leave' }
  | null

/** Reads a key: arrows move, comma and full stop pick a corner, Delete takes out, Escape lets go; null: none of these. */
export function zoneKey(
  zone: Zone,
  { corner, isPrintWay }: Pick<ZoneHand, 'corner' | 'isPrintWay'>,
  { key, shiftKey }: { key: string; shiftKey: boolean },
  plate: Size,
): ZoneKey {
  const arrow = ARROWS[key]
  if (arrow) {
    const far = NUDGE_MM * (shiftKey ? SHIFT_TIMES : 1)
    const by: Point = [arrow[0] * far * (isPrintWay ? -1 : 1), arrow[1] * far]
    return { kind: 'move', outline: nudge(zone.outline, by, plate, corner) }
  }
  const corners = zone.outline.length
  if (key === '.') return { kind: 'corner', at: ((corner ?? -1) + 1) % corners }
  if (key === ',') return { kind: 'corner', at: ((corner ?? 0) - 1 + corners) % corners }
  if (key === 'Delete') return { kind: 'remove' }
  return key === 'Escape' ? { kind: 'leave' } : null
}

/** What to do with the tool in hand. */
export function toolWords(tool: ZoneTool, active: Zone | null, corner: number | null): string {
  if (tool === 'polygon')
    return 'Click the corners one by one; the first one closes the outline. Corners jump to a neighbour’s.'
  if (tool === 'brush') return active ? `Paints onto ${active.name}.` : 'Paints a new zone.'
  if (tool !== 'choose')
    return `Click where the ${TONE_SPOTS[tool].toLowerCase()} is read on every impression.`
  const which = active && corner !== null ? ` (corner ${corner + 1} of ${active.outline.length})` : ''
  return `Drag a zone or its corners. Keys: arrows move by ${NUDGE_MM} mm (Shift: ${NUDGE_MM * SHIFT_TIMES}), full stop and comma pick a corner${which}, Delete takes the zone out.`
}

/** Where the map stands: kept, or only a draft. */
export function mapStanding(isChanged: boolean, kept: { version: number; by: string } | null): string {
  if (isChanged) return 'Not saved yet; a draft stays on this device'
  return kept ? `Map ${kept.version}, saved by ${kept.by}` : ''
}
