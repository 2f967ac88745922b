import type { Spot } from './homography'
import type { Grey } from './picture'

/** Rays sent in from each side, and how far in they look, as a share of the side. */
export const RAYS = 160
const REACH = 0.45

/** Inwards from the top, the right, the bottom and the left. */
const INWARDS = [
  [0, 1],
  [-1, 0],
  [0, -1],
  [1, 0],
] as const

/** How one ray finds the edge: how deep it lies, px from the picture's border; null: it is not met. It is given the pixel of every step, and how many steps there are. */
export type EdgeOn = (pixelAt: (k: number) => number, deep: number) => number | null

/** Where rays from each side of a picture meet a sheet's edge: top, right, bottom, left. */
export function edgePoints({ width, height }: Pick<Grey, 'width' | 'height'>, edgeOn: EdgeOn): Spot[][] {
  return INWARDS.map(([dx, dy]) => {
    const isDown = dx === 0
    const across = isDown ? width : height
    const deep = Math.floor((isDown ? height : width) * REACH)
    const points: Spot[] = []
    for (let ray = 0; ray < RAYS; ray++) {
      const at = Math.floor(((ray + 0.5) * across) / RAYS)
      const start: Spot = isDown ? [at, dy > 0 ? 0 : height - 1] : [dx > 0 ? 0 : width - 1, at]
      const depth = edgeOn((k) => (start[1] + dy * k) * width + start[0] + dx * k, deep)
      if (depth === null) continue
      points.push(
        isDown ? [at + 0.5, dy > 0 ? depth : height - depth] : [dx > 0 ? depth : width - depth, at + 0.5],
      )
    }
    return points
  })
}
