import { quantileOf } from '../stats/quantileOf'
import { solveLinear } from '../linear/solveLinear'
import type { Grey } from './picture'

/** Light falls off smoothly: a level, two slopes and three bends say it over a picture. */
const termsAt = (x: number, y: number): number[] => [1, x, y, x * x, x * y, y * y]
/** Samples along each border, and how deep the inner row of them lies, as a share of the side. */
const SAMPLES = 120
const INNER = 0.012
/** What lies farther off than so many times the usual is no part of the ground: a ruler, a finger, the sheet where it is cut off. */
const STRAY = 3
const ROUNDS = 3
/** A ground that strays by more than this from a smooth fall of light is not of one kind, as wood is not. */
const SMOOTH = 0.008

/**
 * A picture as if its light were even, by what lies round the sheet: a table, a lid, of one colour.
 *
 * @returns null where what lies round is not of one kind, or black
 */
export function levelGround({ width, height, data }: Grey): Grey | null {
  const samples: { terms: number[]; value: number }[] = []
  const add = (column: number, row: number) => {
    const [x, y] = [
      Math.min(width - 1, Math.max(0, Math.round(column))),
      Math.min(height - 1, Math.max(0, Math.round(row))),
    ]
    samples.push({
      terms: termsAt((2 * x) / width - 1, (2 * y) / height - 1),
      value: data[y * width + x],
    })
  }
  for (let i = 0; i < SAMPLES; i++) {
    const along = (i + 0.5) / SAMPLES
    for (const deep of [0, INNER]) {
      add(along * width, deep * height)
      add(along * width, (1 - deep) * height)
      add(deep * width, along * height)
      add((1 - deep) * width, along * height)
    }
  }
  let used = samples
  let light: number[] | null = null
  const lightAt = (terms: readonly number[]) => terms.reduce((sum, term, i) => sum + term * light![i], 0)
  let usual = 0
  for (let round = 0; round < ROUNDS; round++) {
    light = solveLinear(
      termsAt(0, 0).map((_, p) =>
        termsAt(0, 0).map((__, q) => used.reduce((sum, { terms }) => sum + terms[p] * terms[q], 0)),
      ),
      termsAt(0, 0).map((_, p) => used.reduce((sum, { terms, value }) => sum + terms[p] * value, 0)),
    )
    if (!light) return null
    const off = samples.map(({ terms, value }) => Math.abs(value - lightAt(terms)))
    usual = quantileOf([...off], 0.5)
    used = samples.filter((_, i) => off[i] <= STRAY * Math.max(usual, 1e-6))
  }
  const middle = lightAt(termsAt(0, 0))
  if (!(middle > 0) || usual > SMOOTH * middle) return null
  const level = new Float32Array(data.length)
  const [a, b, c, d, e, f] = light!
  for (let row = 0; row < height; row++) {
    const y = (2 * row) / height - 1
    const [start, slope] = [a + c * y + f * y * y, b + e * y]
    for (let column = 0, at = row * width; column < width; column++, at++) {
      const x = (2 * column) / width - 1
      const here = start + slope * x + d * x * x
      level[at] = here > 0 ? (data[at] * middle) / here : data[at]
    }
  }
  return { width, height, data: level }
}
