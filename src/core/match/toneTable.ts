import { monotoneCubic } from '../stats/monotoneCubic'
import type { Rgb } from './picture'

/** Tones nearer to one another than this, of 255, are one. */
const ONE_TONE = 1

/** What every tone of one picture, 0 to 255, is in another: a smooth curve that never falls through tones seen in both. @param seen in the one and in the other, two pairs or more */
export function toneTable(seen: readonly (readonly [number, number])[]): Uint8Array {
  const [xs, ys]: [number[], number[]] = [[], []]
  for (const [x, y] of seen.toSorted(([a], [b]) => a - b)) {
    if (xs.length > 0 && (x < xs.at(-1)! + ONE_TONE || y < ys.at(-1)!)) continue
    xs.push(x)
    ys.push(y)
  }
  // Of one tone alone nothing can be told.
  const curve = xs.length < 2 ? (tone: number) => tone : monotoneCubic(xs, ys)
  return Uint8Array.from({ length: 256 }, (_, value) => Math.round(Math.min(255, Math.max(0, curve(value)))))
}

/** For each channel, what every tone of one picture is in the other. */
export type ToneTables = readonly Uint8Array[]

/** A picture in the tones of another. */
export function inTonesOf({ width, height, data }: Rgb, [red, green, blue]: ToneTables): Rgb {
  const out = new Uint8Array(data.length)
  for (let i = 0; i < out.length; i += 3) {
    out[i] = red[data[i]]
    out[i + 1] = green[data[i + 1]]
    out[i + 2] = blue[data[i + 2]]
  }
  return { width, height, data: out }
}
