import type { InkCell, InkCells } from './inkCells'
import type { JudgedPlate } from './judgedPlate'
import { halved, type Grey } from './picture'
import type { CheckPicture } from './pictureOfCheck'
import { structuralSimilarity } from './structuralSimilarity'

/** A picture of one number a place: NaN where nothing can be said. Its top left corner on the sheet, and the side of a place, mm. */
export interface MapLayer {
  width: number
  height: number
  leftMm: number
  topMm: number
  mmPerPixel: number
  data: Float32Array
}
export type MapLayers = Record<Exclude<CheckPicture, 'lie'>, MapLayer>

type Corner = Pick<MapLayer, 'leftMm' | 'topMm'>

/** A number a cell of the plate. */
function cellLayer(
  { columns, rows, sizeMm, cells }: InkCells,
  { leftMm, topMm }: Corner,
  valueOf: (cell: InkCell) => number,
): MapLayer {
  const data = new Float32Array(columns * rows).fill(NaN)
  for (const cell of cells) data[cell.row * columns + cell.column] = valueOf(cell)
  return { width: columns, height: rows, leftMm, topMm, mmPerPixel: sizeMm, data }
}

/** Means of every cell and its neighbours: the film of a single cell is as much the line that just touches it. */
function smoothed({ width, height, data, ...where }: MapLayer): MapLayer {
  const out = new Float32Array(data.length).fill(NaN)
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      let [sum, n] = [0, 0]
      for (let v = Math.max(0, y - 1); v <= Math.min(height - 1, y + 1); v++) {
        for (let u = Math.max(0, x - 1); u <= Math.min(width - 1, x + 1); u++) {
          const value = data[v * width + u]
          if (Number.isNaN(value)) continue
          sum += value
          n += 1
        }
      }
      if (n > 0) out[y * width + x] = sum / n
    }
  }
  return { width, height, data: out, ...where }
}

function drawingLayer(
  { width, height, pixelsPerMm, referenceInk, impressionInk }: JudgedPlate,
  origin: Corner,
): MapLayer {
  const grey = (ink: Float32Array): Grey => halved({ width, height, data: ink.map((value) => value / 100) })
  const mmPerPixel = 2 / pixelsPerMm
  const found = structuralSimilarity(grey(referenceInk), grey(impressionInk))
  if (!found) return { width: 0, height: 0, ...origin, mmPerPixel, data: new Float32Array(0) }
  const { map } = found
  for (let i = 0; i < map.data.length; i++) map.data[i] = 1 - map.data[i]
  // The map begins where the first whole window lies.
  return {
    width: map.width,
    height: map.height,
    leftMm: origin.leftMm + 5 * mmPerPixel,
    topMm: origin.topMm + 5 * mmPerPixel,
    mmPerPixel,
    data: map.data,
  }
}

/** The pictures the checks are seen in. @param origin where the judged picture's corner lies on the sheet; @param plate where the plate does */
export function mapLayers(judged: JudgedPlate, cells: InkCells, origin: Corner, plate: Corner): MapLayers {
  const colour = judged.deltaE.map((value) => (value < 0 ? NaN : value))
  return {
    colour: {
      width: judged.width,
      height: judged.height,
      ...origin,
      mmPerPixel: 1 / judged.pixelsPerMm,
      data: colour,
    },
    ink: smoothed(cellLayer(cells, plate, ({ reference, impression }) => impression - reference)),
    film: smoothed(
      cellLayer(cells, plate, ({ referenceGround, impressionGround }) => impressionGround - referenceGround),
    ),
    drawing: drawingLayer(judged, origin),
  }
}
