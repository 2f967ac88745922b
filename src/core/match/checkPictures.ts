import type { MatchCheck } from './checks/matchCheck'
import type { InkCells } from './inkCells'
import type { JudgedPlate } from './judgedPlate'
import { halved, type Grey } from './picture'
import { structuralSimilarity } from './structuralSimilarity'

/**
 * What a check is seen in: both prints as they lie on their sheets; the colour difference, ΔE00; more or less ink, L*; more or less film
 * between the lines, L*; how unlike the drawing is, 0 to 1.
 */
export const CHECK_PICTURES = { lie: 'how it lies', colour: 'colour', ink: 'ink', film: 'film between the lines', drawing: 'drawing' } as const
export type CheckPicture = keyof typeof CHECK_PICTURES
/** Where each check is seen. */
export const PICTURE_OF: Record<MatchCheck, CheckPicture> = { register: 'lie', turn: 'lie', colour: 'colour', tone: 'ink', lines: 'drawing', breaks: 'drawing', evenness: 'film', edges: 'film', sides: 'ink', bands: 'ink', blanks: 'ink', marks: 'lie' }

/** A picture of one number a place: NaN where nothing can be said. Its top left corner on the sheet, and the side of a place, mm. */
export interface MapLayer { width: number; height: number; leftMm: number; topMm: number; mmPerPixel: number; data: Float32Array }
export type MapLayers = Record<Exclude<CheckPicture, 'lie'>, MapLayer>

/** Side of the squares more and less ink is shown in, px: single grains of the paper are no ink. */
const INK_PX = 3

function inkLayer({ width, height, pixelsPerMm, referenceInk, impressionInk, seen }: JudgedPlate, origin: { leftMm: number; topMm: number }): MapLayer {
  const [w, h] = [Math.floor(width / INK_PX), Math.floor(height / INK_PX)]
  const data = new Float32Array(w * h).fill(NaN)
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) {
      let [sum, n] = [0, 0]
      for (let v = 0; v < INK_PX; v++) {
        for (let u = 0, i = (y * INK_PX + v) * width + x * INK_PX; u < INK_PX; u++, i++) {
          if (!seen[i]) continue
          sum += impressionInk[i] - referenceInk[i]
          n += 1
        }
      }
      if (n > 0) data[y * w + x] = sum / n
    }
  }
  return { width: w, height: h, ...origin, mmPerPixel: INK_PX / pixelsPerMm, data }
}

function filmLayer({ columns, rows, sizeMm, cells }: InkCells, plate: { leftMm: number; topMm: number }): MapLayer {
  const data = new Float32Array(columns * rows).fill(NaN)
  for (const { column, row, referenceGround, impressionGround } of cells) data[row * columns + column] = impressionGround - referenceGround
  return { width: columns, height: rows, leftMm: plate.leftMm, topMm: plate.topMm, mmPerPixel: sizeMm, data }
}

function drawingLayer({ width, height, pixelsPerMm, referenceInk, impressionInk }: JudgedPlate, origin: { leftMm: number; topMm: number }): MapLayer {
  const grey = (ink: Float32Array): Grey => halved({ width, height, data: ink.map((value) => value / 100) })
  const mmPerPixel = 2 / pixelsPerMm
  const found = structuralSimilarity(grey(referenceInk), grey(impressionInk))
  if (!found) return { width: 0, height: 0, ...origin, mmPerPixel, data: new Float32Array(0) }
  const { map } = found
  for (let i = 0; i < map.data.length; i++) map.data[i] = 1 - map.data[i]
  // The map begins where the first whole window lies.
  return { width: map.width, height: map.height, leftMm: origin.leftMm + 5 * mmPerPixel, topMm: origin.topMm + 5 * mmPerPixel, mmPerPixel, data: map.data }
}

/** The pictures the checks are seen in. @param origin where the judged picture's corner lies on the sheet; @param plate where the plate does */
export function mapLayers(judged: JudgedPlate, cells: InkCells, origin: { leftMm: number; topMm: number }, plate: { leftMm: number; topMm: number }): MapLayers {
  const colour = judged.deltaE
  for (let i = 0; i < colour.length; i++) if (colour[i] < 0) colour[i] = NaN
  return {
    colour: { width: judged.width, height: judged.height, ...origin, mmPerPixel: 1 / judged.pixelsPerMm, data: colour },
    ink: inkLayer(judged, origin), film: filmLayer(cells, plate), drawing: drawingLayer(judged, origin),
  }
}
