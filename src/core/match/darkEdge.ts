import { quantileOf } from '../stats/quantileOf'
import type { EdgeOn } from './edgePoints'
import type { Grey } from './picture'

/** What is as light as the paper to this share is nothing darker beside it. */
export const AS_PAPER = 0.08
/** Pixels in a row that must be paper before an edge is believed. */
const STEADY = 4
/** Steps an edge is followed to either side of its middle. */
const FOLLOWED = 12

/** How far along a ray its light takes from one value below an edge to another above it, px. @param middle the first step above the edge's middle */
function edgeSpread(valueAt: (k: number) => number, middle: number, low: number, high: number): number {
  const between = (k: number, level: number) => {
    const [before, after] = [valueAt(k - 1), valueAt(k)]
    return k - (after > before ? Math.min(1, Math.max(0, (after - level) / (after - before))) : 0)
  }
  let [from, to] = [middle, middle]
  while (from > 1 && middle - from < FOLLOWED && valueAt(from - 1) > low) from -= 1
  while (to - middle < FOLLOWED && valueAt(to) < high) to += 1
  return Math.max(0, between(to, high) - between(from, low))
}

/**
 * How a ray finds the edge of paper on something darker: it goes in until it meets paper and stays on it.
 *
 * @param round how light what lies beside the sheet is @param paper how light the sheet is
 * @returns with it how soft the edges are that it met so far, from a quarter to three quarters of the light across, px; null: it met none
 */
export function darkEdge(
  grey: Grey,
  round: number,
  paper: number,
): { edgeOn: EdgeOn; spreadPx: () => number | null } {
  const bound = (paper + round) / 2
  const [quarter, most] = [round + (paper - round) / 4, round + (3 * (paper - round)) / 4]
  const spreads: number[] = []
  const edgeOn: EdgeOn = (pixelAt, deep) => {
    const valueAt = (k: number) => grey.data[pixelAt(k)]
    let before = 0
    let steady = 0
    for (let k = 0; k < deep; k++) {
      const value = valueAt(k)
      if (value <= bound) {
        steady = 0
        before = value
        continue
      }
      steady += 1
      if (steady < STEADY) continue
      // Between the last dark pixel's middle and the first light one's the edge lies where the light is half.
      const first = k - STEADY + 1
      if (first === 0) return null
      const light = valueAt(first)
      const part = light <= before ? 0 : (bound - before) / (light - before)
      spreads.push(edgeSpread(valueAt, first, quarter, most))
      return first - 1 + part + 0.5
    }
    return null
  }
  return { edgeOn, spreadPx: () => (spreads.length > 0 ? quantileOf([...spreads], 0.5) : null) }
}
