import type { FilmConditions } from '@/core/ink/filmView'
import { predictInk, type SpectralInk } from '@/core/ink/predictInk'
import { noiseSequence, seedOf } from './noise'

/** How far a real tube is from what the shelf says of it: one standard deviation of its strength. */
const TUBE_STRAYS = 0.06

/**
 * A simulated slab: what a batch really looks like when it is drawn down, because no tube is quite what the shelf says.
 * The same tube strays the same way every time.
 *
 * @returns true reflectance, 36 values, before any instrument reads it
 */
export function drawDownBatch(
  contents: readonly { ink: SpectralInk; grams: number }[],
  conditions: FilmConditions,
): number[] {
  const real = contents.map(({ ink }) => {
    const by = Math.max(0.7, 1 + TUBE_STRAYS * noiseSequence(seedOf(ink.name))())
    return { ...ink, k: ink.k.map((value) => value * by) }
  })
  return predictInk({
    inks: real,
    parts: contents.map(({ grams }) => grams),
    ...conditions,
    paper: [...conditions.paper],
  }).reflectance
}
