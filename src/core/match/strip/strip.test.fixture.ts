import sharp, { type Sharp } from 'sharp'
import { drawingToSvg } from '../../sheet/sheetDrawing'
import { readPicture } from '../drawnPlate.test.fixture'
import type { Rgb } from '../picture'
import { GREY_STRIP } from './greyStrip'
import { stripSheet } from './stripSheet'

/** Where the strip stands on its page, mm. */
const AT = { xMm: (210 - GREY_STRIP.widthMm) / 2, yMm: 40 }

/** The strip as it is cut out of the printed page, drawn by a general library. */
export function printedStrip(pxPerMm: number): Promise<Buffer> {
  const svg = drawingToSvg(stripSheet(), {
    xPx: AT.xMm * pxPerMm,
    yPx: AT.yMm * pxPerMm,
    widthPx: Math.round(GREY_STRIP.widthMm * pxPerMm),
    heightPx: Math.round(GREY_STRIP.heightMm * pxPerMm),
    pxPerMm,
  })
  return sharp(Buffer.from(svg)).removeAlpha().png().toBuffer()
}

/** A picture as the core takes it. */
export const asRgb = async (picture: Sharp): Promise<Rgb> => readPicture(await picture.png().toBuffer())

/** A pale sheet of 600 × 400 px on a ground, and the strip below it, turned. @param ground 0 to 255 */
export async function sheetWithStrip(ground: number, degrees: number, isThere = true): Promise<Rgb> {
  const round = { r: ground, g: ground, b: ground }
  const sheet = await sharp({ create: { width: 600, height: 400, channels: 3, background: '#e6e4da' } })
    .png()
    .toBuffer()
  const strip = await sharp(await printedStrip(4))
    .rotate(degrees, { background: round })
    .png()
    .toBuffer()
  return asRgb(
    sharp({ create: { width: 700, height: 660, channels: 3, background: round } }).composite([
      { input: sheet, left: 50, top: 40 },
      ...(isThere ? [{ input: strip, left: 60, top: 470 }] : []),
    ]),
  )
}
