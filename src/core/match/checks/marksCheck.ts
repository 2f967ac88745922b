import { counted } from '../../units/counted'
import { partsOf } from '../differences'
import { placeOfPixels } from './placesOf'
import type { CheckResult, FoundPlace } from './matchCheck'

/** What is looked through for marks: ink of both prints, L* below the paper, and which pixels count. */
export interface MarkField {
  width: number
  height: number
  pixelsPerMm: number
  reference: Float32Array
  impression: Float32Array
  counts: Uint8Array
  /** where its top left corner lies on the sheet, mm */ leftMm: number
  topMm: number
}

/** Darker than anything the reference has near by, by so much L* and, since a fine line is darker or lighter as it falls on the pixels, by such a share. */
const DARKER = 7
const DARKER_SHARE = 0.4
const NEAR_MM = 0.45
/** Marks smaller than this are grain; parts nearer than that are one mark. */
const LEAST_MM2 = 0.12
const GAP_MM = 0.9
const MOST = 40
/** A hair is this many times as long as what it covers is wide, and no wider than so many mm, or pixels, which blur it; a fingertip is so large, and so little of it is covered. */
const HAIR = 8
const HAIR_MM = 0.6
const HAIR_PX = 4
export const FINGER_MM = 6
const FINGER_COVERED = 0.75

/** Where all that is near has less ink than this, ink of so much is new, L*. */
export const lightest = (ink: number): number => (ink - DARKER) / (1 + DARKER_SHARE)

/** Whether a print has anything near a pixel that has so much ink. @param reach px, each way */
export function isDarkNear(
  ink: Float32Array,
  width: number,
  height: number,
  at: number,
  reach: number,
  bound: number,
): boolean {
  const [x, y] = [at % width, Math.floor(at / width)]
  const [left, right] = [Math.max(0, x - reach), Math.min(width - 1, x + reach)]
  for (let v = Math.max(0, y - reach); v <= Math.min(height - 1, y + reach); v++)
    for (let i = v * width + left, last = v * width + right; i <= last; i++) if (ink[i] >= bound) return true
  return false
}

/** What a mark is, by its shape: a hair is long and thin, a fingertip large and striped, a smear large, a spot small. */
function nameOf(areaMm2: number, widthMm: number, heightMm: number, pixelsPerMm: number): string {
  const long = Math.hypot(widthMm, heightMm)
  if (
    long > 3 &&
    (long * long) / Math.max(0.01, areaMm2) > HAIR &&
    areaMm2 / long < Math.max(HAIR_MM, HAIR_PX / pixelsPerMm)
  )
    return 'hair'
  if (
    Math.min(widthMm, heightMm) >= FINGER_MM &&
    Math.max(widthMm, heightMm) <= 4 * FINGER_MM &&
    areaMm2 < FINGER_COVERED * widthMm * heightMm
  )
    return 'fingertip'
  return long > FINGER_MM ? 'smear' : 'spot'
}

/** Marks that do not belong: darker than the reference has anything near by. */
export function findMarks({
  width,
  height,
  pixelsPerMm,
  reference,
  impression,
  counts,
  leftMm,
  topMm,
}: MarkField): FoundPlace[] {
  const reach = Math.max(1, Math.round(NEAR_MM * pixelsPerMm))
  const mask = new Uint8Array(width * height)
  for (let i = 0; i < mask.length; i++) {
    // The pixel itself first: most are no darker than their own place, and need no look round.
    const bound = lightest(impression[i])
    if (counts[i] && bound > reference[i] && !isDarkNear(reference, width, height, i, reach, bound))
      mask[i] = 1
  }
  return partsOf(mask, width, height, Math.max(1, Math.round(GAP_MM * pixelsPerMm)))
    .filter((part) => part.length / pixelsPerMm ** 2 >= LEAST_MM2)
    .sort((a, b) => b.length - a.length)
    .slice(0, MOST)
    .map((part) => {
      const place = placeOfPixels('marks', 'spot', part, width, pixelsPerMm, { leftMm, topMm })
      return {
        ...place,
        what: nameOf(part.length / pixelsPerMm ** 2, place.widthMm, place.heightMm, pixelsPerMm),
      }
    })
}

/** Foreign marks, in the image and in the margin. */
export function checkMarks(places: FoundPlace[]): CheckResult {
  const kinds = [...new Set(places.map(({ what }) => what))]
  return {
    check: 'marks',
    value: places.length,
    words:
      places.length === 0
        ? 'None.'
        : `${counted(places.length, 'mark')} the reference does not have: ${kinds.join(', ')}.`,
    places,
  }
}
