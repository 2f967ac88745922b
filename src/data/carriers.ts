import sharp from 'sharp'
import { carrierPixels, MOST_CARRIER_PIXELS, type Artwork } from '@/core/plate/artwork'
import { halftone, invertGreys, mirrorGreys } from '@/core/plate/halftone'
import { carrierTurn } from '@/core/plate/makingMethod'
import { drawingToSvg, type SheetDrawing } from '@/core/sheet/sheetDrawing'
import { FieldError } from './errors'
import { originalFile } from './images'

/**
 * Makes the film, toner sheet or tracing of an artwork in full: cropped, scaled to the plate, in greys, dots or black and
 * white, turned as its way of making needs. The original is read, never written.
 *
 * @returns a PNG that knows its dots an inch
 */
export async function renderCarrier({ imageId, crop, tone, dpi, method }: Artwork, plate: { widthMm: number; heightMm: number }): Promise<Buffer> {
  const { widthPx, heightPx } = carrierPixels(plate, dpi)
  if (widthPx * heightPx > MOST_CARRIER_PIXELS) throw new FieldError([{ field: 'dpi', message: `At ${dpi} dots an inch this plate has ${Math.round((widthPx * heightPx) / 1e6)} million dots; at most ${MOST_CARRIER_PIXELS / 1e6} million are made. Take a lower number.` }])
  const source = await originalFile(imageId)
  const upright = await sharp(source).rotate().toColourspace('b-w').flatten({ background: '#fff' }).raw().toBuffer({ resolveWithObject: true })
  const { width, height, channels } = upright.info
  const region = {
    left: Math.min(width - 1, Math.round(crop.left * width)), top: Math.min(height - 1, Math.round(crop.top * height)),
    width: Math.max(1, Math.min(width, Math.round(crop.width * width))), height: Math.max(1, Math.min(height, Math.round(crop.height * height))),
  }
  region.width = Math.min(region.width, width - region.left)
  region.height = Math.min(region.height, height - region.top)
  const greys = await sharp(upright.data, { raw: { width, height, channels } }).extract(region).resize(widthPx, heightPx, { fit: 'fill' }).extractChannel(0).raw().toBuffer()
  const out = halftone({ widthPx, heightPx, greys: new Uint8Array(greys) }, tone, dpi)
  const turn = carrierTurn(method)
  if (turn.inverted) invertGreys(out)
  if (turn.mirrored) mirrorGreys(out, widthPx)
  const picture = sharp(out, { raw: { width: widthPx, height: heightPx, channels: 1 } }).withMetadata({ density: dpi })
  return (tone.way === 'grey' ? picture.png() : picture.png({ palette: true, colours: 2, dither: 0 })).toBuffer()
}

/** The whole sheet as one PNG: corner marks and check bar drawn, the carrier laid onto them dot for dot. */
export async function renderCarrierSheet(carrier: Buffer, sheet: SheetDrawing, dpi: number): Promise<Buffer> {
  const [{ xMm, yMm }] = sheet.pictures
  const dotsPerMm = dpi / 25.4
  return sharp(Buffer.from(drawingToSvg({ ...sheet, pictures: [] }, dotsPerMm)))
    .flatten({ background: '#fff' })
    .composite([{ input: carrier, left: Math.round(xMm * dotsPerMm), top: Math.round(yMm * dotsPerMm) }])
    .greyscale()
    .withMetadata({ density: dpi })
    .png()
    .toBuffer()
}
