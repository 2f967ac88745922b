import { TONE_SPOTS, type ToneSpot, type ZoneMap } from '../plate/zoneMap'

/** Where one small crop is taken on every proof: its middle as shares of the print's width and height, from the top left. */
export interface CouponSpot {
  name: string
  x: number
  y: number
}

/** Where nobody placed the spots: spread over the print. */
const UNPLACED: Record<ToneSpot, readonly [number, number]> = {
  tone1: [0.25, 0.35],
  tone3: [0.5, 0.5],
  tone2: [0.75, 0.65],
}
const ORDER = Object.keys(UNPLACED) as ToneSpot[]
const EDGE = { name: 'edge', x: 0.06, y: 0.5 }

/** The three spots that are read on every impression, as they lie on the print (left for right of the plate), and an edge. */
export function couponSpots(
  map: Pick<ZoneMap, 'spots'> | null,
  plate: { widthMm: number; heightMm: number } | null,
): CouponSpot[] {
  const spots = ORDER.map((spot) => {
    const at = map?.spots[spot]
    const [x, y] = at && plate ? [1 - at[0] / plate.widthMm, at[1] / plate.heightMm] : UNPLACED[spot]
    return {
      name: TONE_SPOTS[spot].toLowerCase(),
      x: Math.min(1, Math.max(0, x)),
      y: Math.min(1, Math.max(0, y)),
    }
  })
  return [...spots, EDGE]
}
