import type { Spot } from './homography'

/**
 * How a lens bends what is straight: a place lies so many times farther from the middle of the picture than it is seen, 1 / (1 + bend·ρ²), ρ measured in
 * half diagonals (the division model: Fitzgibbon, CVPR 2001).
 */
export interface Lens {
  /** of the picture, and half its diagonal, px */
  middle: Spot
  radius: number
  /** below 0: a barrel, as wide lenses have; above: a cushion */
  bend: number
}

/** A picture's lens, by how much it bends. */
export const lensOf = ({ width, height }: { width: number; height: number }, bend: number): Lens => ({
  middle: [width / 2, height / 2],
  radius: Math.hypot(width, height) / 2,
  bend,
})

/** Where a place that is seen would be without the lens. */
export function straightAt({ middle: [mx, my], radius, bend }: Lens, [x, y]: Spot): Spot {
  const [dx, dy] = [x - mx, y - my]
  const times = 1 / (1 + (bend * (dx * dx + dy * dy)) / (radius * radius))
  return [mx + dx * times, my + dy * times]
}

/** How many times as far from the middle a place is seen. @param farness its squared distance from the middle without the lens, in half diagonals */
export const seenTimes = (bend: number, farness: number): number =>
  2 / (1 + Math.sqrt(Math.max(0, 1 - 4 * bend * farness)))

/** Where a place is seen through the lens: undoes `straightAt`. */
export function seenAt({ middle: [mx, my], radius, bend }: Lens, [x, y]: Spot): Spot {
  const [dx, dy] = [x - mx, y - my]
  const times = seenTimes(bend, (dx * dx + dy * dy) / (radius * radius))
  return [mx + dx * times, my + dy * times]
}

/** The same lens in the picture made so many times smaller. */
export const shrunkLens = ({ middle: [x, y], radius, bend }: Lens, times: number): Lens => ({
  middle: [x / times, y / times],
  radius: radius / times,
  bend,
})
