import { convertSrgbToLab } from '../colour/convertSrgbToLab'
import type { FoundPlace } from './checks/matchCheck'
import { findMarks } from './checks/marksCheck'
import { leaveOutCorners } from './cornersGone'
import type { PaperWhite } from './evenLight'
import type { Box } from './findPlate'
import type { JudgedPlate } from './judgedPlate'
import { greyOf, softened, type Rgb } from './picture'
import { commonBox } from './seenBox'
import type { Similarity } from './similarity'
import type { StraightSheets } from './straightSheets'

/** Left out at the sheet's and the plate's edges, mm. */
const SHEET_EDGE_MM = 2.5
const EMBOSS_MM = 1.2

/** Ink by lightness alone, L* below the paper: lightness of a neutral of the same luma. */
const LIGHTNESS = Float32Array.from({ length: 256 }, (_, i) => convertSrgbToLab(i / 255, i / 255, i / 255).L)
function inkOfSheet(picture: Rgb, white: PaperWhite | null): Float32Array {
  const { data } = softened(greyOf(picture))
  const paper = white ? LIGHTNESS[Math.round(0.299 * white[0] + 0.587 * white[1] + 0.114 * white[2])] : 100
  for (let i = 0; i < data.length; i++) data[i] = Math.max(0, paper - LIGHTNESS[Math.round(data[i] * 255)])
  return data
}

const within = (value: number, from: number, length: number) => value >= from && value < from + length

/** Marks in the margin: both sheets as they lie, everything but their edges and the plate in either place. */
export function marginMarks(
  {
    ours: { picture: reference },
    paper,
    theirs: { picture: impression },
    seen: shown,
    pixelsPerMm,
  }: StraightSheets,
  plate: Box,
  { shiftX, shiftY }: Similarity,
): FoundPlace[] {
  const { width, height } = reference
  const seen = commonBox(shown.reference, shown.impression)
  const edge = Math.round(SHEET_EDGE_MM * pixelsPerMm)
  const emboss = Math.round(EMBOSS_MM * pixelsPerMm)
  const counts = new Uint8Array(width * height)
  const [left, top] = [plate.left + Math.min(0, shiftX) - emboss, plate.top + Math.min(0, shiftY) - emboss]
  const [w, h] = [plate.width + Math.abs(shiftX) + 2 * emboss, plate.height + Math.abs(shiftY) + 2 * emboss]
  for (let y = seen.top + edge; y < seen.top + seen.height - edge; y++)
    for (let x = seen.left + edge; x < seen.left + seen.width - edge; x++)
      if (!(within(x, left, w) && within(y, top, h))) counts[y * width + x] = 1
  const [ourInk, theirInk] = [inkOfSheet(reference, paper), inkOfSheet(impression, paper)]
  for (const ink of [ourInk, theirInk]) leaveOutCorners(ink, width, height, pixelsPerMm, counts)
  return findMarks({
    width,
    height,
    pixelsPerMm,
    reference: ourInk,
    impression: theirInk,
    counts,
    leftMm: 0,
    topMm: 0,
  })
}

/** Marks within the plate: both prints laid over one another, its edge left out. */
export function plateMarks(
  { width, height, pixelsPerMm, plate, referenceInk, impressionInk, seen }: JudgedPlate,
  origin: { leftMm: number; topMm: number },
): FoundPlace[] {
  const emboss = Math.round(EMBOSS_MM * pixelsPerMm)
  const counts = new Uint8Array(width * height)
  const [left, top] = [
    Math.max(0, Math.ceil(plate.left + emboss)),
    Math.max(0, Math.ceil(plate.top + emboss)),
  ]
  const [right, bottom] = [
    Math.min(width, Math.ceil(plate.left + plate.width - emboss)),
    Math.min(height, Math.ceil(plate.top + plate.height - emboss)),
  ]
  for (let y = top; y < bottom; y++)
    counts.set(seen.subarray(y * width + left, y * width + right), y * width + left)
  return findMarks({
    width,
    height,
    pixelsPerMm,
    reference: referenceInk,
    impression: impressionInk,
    counts,
    leftMm: origin.leftMm,
    topMm: origin.topMm,
  })
}
