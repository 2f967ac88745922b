import {
  CHECK_BAR_HEIGHT_MM,
  CHECK_BAR_MM,
  checkBar,
  cornerMarks,
  type SheetDrawing,
} from '../sheet/sheetDrawing'
import { formatMm } from '../units/length'
import type { RolledPlate } from './surfaceSetting'
import { CARRIERS, carrierTurn, MAKING_METHODS, type MakingMethod } from './makingMethod'

/** White round the plate's image, for the corner marks, mm. */
const MARGIN_MM = 10

/** The film, toner sheet or tracing at 1:1: the image at the plate's size, its corners marked, a check bar beneath. */
export function carrierSheet({
  method,
  plate,
  title,
  picture,
}: {
  method: MakingMethod
  plate: { widthMm: number; heightMm: number } & RolledPlate
  title: string
  picture: string
}): SheetDrawing {
  const widthMm = Math.max(plate.widthMm, CHECK_BAR_MM) + 2 * MARGIN_MM
  const x = (widthMm - plate.widthMm) / 2
  const barY = MARGIN_MM + plate.heightMm + MARGIN_MM
  const bar = checkBar((widthMm - CHECK_BAR_MM) / 2, barY)
  const { mirrored, inverted } = carrierTurn(method, plate)
  const { use, faceDown } = MAKING_METHODS[method]
  const note = `${title}: ${CARRIERS[use].toLowerCase()}, ${formatMm(plate.widthMm)} × ${formatMm(plate.heightMm)}, ${mirrored ? 'mirrored' : 'not mirrored'}, ${inverted ? 'negative' : 'positive'}${faceDown ? ', laid image down' : ''}`
  return {
    widthMm,
    heightMm: barY + CHECK_BAR_HEIGHT_MM + 6,
    title: note,
    strokes: [...cornerMarks(x, MARGIN_MM, plate.widthMm, plate.heightMm, 7), ...bar.strokes],
    words: [
      ...bar.words,
      { text: note, at: [widthMm / 2, barY + CHECK_BAR_HEIGHT_MM + 2], sizeMm: 2.6, anchor: 'middle' },
    ],
    pictures: [{ data: picture, xMm: x, yMm: MARGIN_MM, widthMm: plate.widthMm, heightMm: plate.heightMm }],
  }
}
