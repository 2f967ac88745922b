import { z } from 'zod'
import { finite } from '../units/schemas'

/** How greys become black and white, or stay grey. */
export const TONE_WAYS = {
  grey: 'Greys kept',
  threshold: 'Threshold',
  screen: 'Dots on a screen',
  grain: 'Random grain',
} as const
export type ToneWay = keyof typeof TONE_WAYS

/** What is done with a picture's tones. */
export const toneSettingSchema = z.strictObject({
  way: z.enum(['grey', 'threshold', 'screen', 'grain']),
  /** grey that becomes the border between black and white, 0…255 */
  threshold: finite
    .min(1, { error: 'must be within 1 and 254' })
    .max(254, { error: 'must be within 1 and 254' }),
  /** lines of dots an inch */
  linesPerInch: finite
    .min(20, { error: 'must be within 20 and 200' })
    .max(200, { error: 'must be within 20 and 200' }),
  angleDegrees: finite
    .min(0, { error: 'must be within 0 and 90' })
    .max(90, { error: 'must be within 0 and 90' }),
})
export type ToneSetting = z.infer<typeof toneSettingSchema>

/** A picture in greys, row by row: 0 black … 255 white. */
export interface GreyPicture {
  widthPx: number
  heightPx: number
  greys: Uint8Array<ArrayBuffer> | Uint8ClampedArray<ArrayBuffer>
}

/** Black below the threshold, white from it on. */
function threshold(greys: ArrayLike<number>, at: number): Uint8Array<ArrayBuffer> {
  const out = new Uint8Array(greys.length)
  for (let i = 0; i < out.length; i++) out[i] = greys[i] < at ? 0 : 255
  return out
}

/** Error diffusion (Floyd & Steinberg 1976: 7, 3, 5, 1 sixteenths), every second row from the right, so that no worms run one way. */
function grain({ widthPx, heightPx, greys }: GreyPicture): Uint8Array<ArrayBuffer> {
  const out = new Uint8Array(widthPx * heightPx)
  let row = new Float32Array(widthPx + 2)
  let next = new Float32Array(widthPx + 2)
  for (let y = 0; y < heightPx; y++) {
    const step = y % 2 === 0 ? 1 : -1
    for (let n = 0; n < widthPx; n++) {
      const x = step > 0 ? n : widthPx - 1 - n
      const wanted = greys[y * widthPx + x] + row[x + 1]
      const given = wanted < 127.5 ? 0 : 255
      out[y * widthPx + x] = given
      const error = (wanted - given) / 16
      row[x + 1 + step] += 7 * error
      next[x + 1 - step] += 3 * error
      next[x + 1] += 5 * error
      next[x + 1 + step] += error
    }
    ;[row, next] = [next, row]
    next.fill(0)
  }
  return out
}

/** Steps of the table that turns a spot value into the share of a cell below it. */
const TABLE = 1024

/** For the spot cos u + cos v: which share of the cell lies below each of its values, so that any grey covers its own share. */
const spotShare = (() => {
  const SAMPLES = 256
  const counts = new Float64Array(TABLE + 1)
  for (let i = 0; i < SAMPLES; i++)
    for (let j = 0; j < SAMPLES; j++)
      counts[
        Math.round(
          ((Math.cos((2 * Math.PI * (i + 0.5)) / SAMPLES) +
            Math.cos((2 * Math.PI * (j + 0.5)) / SAMPLES) +
            2) /
            4) *
            TABLE,
        )
      ] += 1
  let sum = 0
  return counts.map((n) => (sum += n) / SAMPLES ** 2)
})()

/** Dots on a turned screen, growing with the tone and joining at half (round spots of the cosine sum). */
function screen(
  { widthPx, heightPx, greys }: GreyPicture,
  linesPerInch: number,
  angleDegrees: number,
  pxPerInch: number,
): Uint8Array<ArrayBuffer> {
  const out = new Uint8Array(widthPx * heightPx)
  const turn = (angleDegrees * Math.PI) / 180
  const step = (2 * Math.PI * linesPerInch) / pxPerInch
  const [c, s] = [step * Math.cos(turn), step * Math.sin(turn)]
  // Both phases grow evenly along a row, so each cosine is a turn of the one before it; every row begins exactly.
  const [turnC, turnS] = [Math.cos(c), Math.sin(c)]
  const [backC, backS] = [Math.cos(s), Math.sin(s)]
  for (let y = 0, i = 0; y < heightPx; y++) {
    let [ac, as] = [Math.cos(s * y), Math.sin(s * y)]
    let [bc, bs] = [Math.cos(c * y), Math.sin(c * y)]
    for (let x = 0; x < widthPx; x++, i++) {
      out[i] = greys[i] / 255 > spotShare[((ac + bc + 2) * (TABLE / 4) + 0.5) | 0] ? 255 : 0
      const a = ac * turnC - as * turnS
      as = as * turnC + ac * turnS
      ac = a
      const b = bc * backC + bs * backS
      bs = bs * backC - bc * backS
      bc = b
    }
  }
  return out
}

/**
 * Makes black and white of greys, or leaves them.
 *
 * @param pxPerInch how fine the picture is at the size of the plate
 * @returns greys of the same size; with `grey` a copy
 */
export function halftone(
  picture: GreyPicture,
  { way, threshold: at, linesPerInch, angleDegrees }: ToneSetting,
  pxPerInch: number,
): Uint8Array<ArrayBuffer> {
  if (way === 'threshold') return threshold(picture.greys, at)
  if (way === 'grain') return grain(picture)
  if (way === 'screen') return screen(picture, linesPerInch, angleDegrees, pxPerInch)
  return Uint8Array.from(picture.greys)
}

/** Black for white, in place. */
export function invertGreys(greys: Uint8Array): void {
  for (let i = 0; i < greys.length; i++) greys[i] = 255 - greys[i]
}

/** Left for right, in place. */
export function mirrorGreys(greys: Uint8Array, widthPx: number): void {
  for (let row = 0; row < greys.length; row += widthPx) greys.subarray(row, row + widthPx).reverse()
}

/** Fewest pixels a dot of a screen should have, so that its tones are told apart: 8 × 8 gives 65 of them. */
const PIXELS_PER_DOT = 8

/** Says when a screen is finer than the picture can carry, or null. */
export function screenTooFine(
  { way, linesPerInch }: Pick<ToneSetting, 'way' | 'linesPerInch'>,
  pxPerInch: number,
): string | null {
  const tones = Math.floor((pxPerInch / linesPerInch) ** 2) + 1
  return way === 'screen' && pxPerInch / linesPerInch < PIXELS_PER_DOT
    ? `At ${Math.round(pxPerInch)} dots an inch a screen of ${linesPerInch} lines has ${tones} tones: take a coarser screen or a finer film.`
    : null
}
