import { contains } from '../geometry/polygon'
import { TONE_SPOTS, type ToneSpot, type Zone, type ZoneMap } from './zoneMap'

/** A spot that is read on every impression, with the zone it lies in. */
export interface PlacedSpot {
  spot: ToneSpot
  /** null: not placed on the plate yet */
  at: readonly [number, number] | null
  zone: Zone | null
}

/** The three spots of a plate, each with the topmost zone under it. */
export function placeSpots({ zones, spots }: ZoneMap): PlacedSpot[] {
  return (Object.keys(TONE_SPOTS) as ToneSpot[]).map((spot) => {
    const at = spots[spot]
    return { spot, at, zone: at ? (zones.findLast(({ outline }) => contains(outline, at)) ?? null) : null }
  })
}
