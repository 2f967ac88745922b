/** Numbers from 0 to 1 in an order that a seed decides (a linear congruence: Park & Miller 1988). */
export function sequence(seed: number): () => number {
  let state = (seed * 48271 + 11) % 2147483647
  return () => {
    state = (state * 48271) % 2147483647
    return state / 2147483647
  }
}

/** A normal deviate (Box & Muller 1958). */
export const normal = (next: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next())

const corner = (x: number, y: number, seed: number): number => {
  const mixed = Math.imul(x * 374761393 + y * 668265263 + seed * 2246822519, 1274126177)
  return ((mixed ^ (mixed >>> 15)) >>> 0) / 4294967296
}

/** Smooth noise between 0 and 1, a knot a unit. */
export function noiseAt(x: number, y: number, seed: number): number {
  const [u, v] = [Math.floor(x), Math.floor(y)]
  const ease = (t: number) => t * t * (3 - 2 * t)
  const [s, t] = [ease(x - u), ease(y - v)]
  const above = corner(u, v, seed) * (1 - s) + corner(u + 1, v, seed) * s
  const below = corner(u, v + 1, seed) * (1 - s) + corner(u + 1, v + 1, seed) * s
  return above * (1 - t) + below * t
}
