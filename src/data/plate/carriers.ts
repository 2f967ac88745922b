import sharp from 'sharp'
import { carrierPixels, MOST_CARRIER_PIXELS, type Artwork } from '@/core/plate/artwork'
import { halftone, invertGreys, mirrorGreys } from '@/core/plate/halftone'
import { carrierTurn } from '@/core/plate/makingMethod'
import type { RolledPlate } from '@/core/plate/surfaceSetting'
import { drawingToSvg, type SheetDrawing } from '@/core/sheet/sheetDrawing'
import { FieldError } from '../database/errors'
import { originalFile } from '../across/images'

/** A carrier as plain greys. */
export interface Carrier {
  greys: Uint8Array
  widthPx: number
  heightPx: number
}

/**
 * Makes the film, toner sheet or tracing of an artwork in full: cropped, scaled to the plate, in greys, dots or black and
 * white, turned as its way of making needs. The original is read, never written.
 *
 * @throws FieldError beyond the number of dots that are made; NotFoundError
 */
export async function renderCarrier(
  { imageId, crop, tone, dpi, method }: Artwork,
  plate: { widthMm: number; heightMm: number } & RolledPlate,
): Promise<Carrier> {
  const { widthPx, heightPx } = carrierPixels(plate, dpi)
  if (widthPx * heightPx > MOST_CARRIER_PIXELS)
    throw new FieldError([
      {
        field: 'dpi',
        message: `At ${dpi} dots an inch this plate has ${Math.round((widthPx * heightPx) / 1e6)} million dots; at most ${MOST_CARRIER_PIXELS / 1e6} million are made. Take a lower number.`,
      },
    ])
  const upright = await sharp(await originalFile(imageId))
    .rotate()
    .toColourspace('b-w')
    .flatten({ background: '#fff' })
    .raw()
    .toBuffer({ resolveWithObject: true })
  const { width, height, channels } = upright.info
  const left = Math.min(width - 1, Math.round(crop.left * width))
  const top = Math.min(height - 1, Math.round(crop.top * height))
  const part = {
    left,
    top,
    width: Math.max(1, Math.min(width - left, Math.round(crop.width * width))),
    height: Math.max(1, Math.min(height - top, Math.round(crop.height * height))),
  }
  const greys = await sharp(upright.data, { raw: { width, height, channels } })
    .extract(part)
    .resize(widthPx, heightPx, { fit: 'fill' })
    .extractChannel(0)
    .raw()
    .toBuffer()
  const out = halftone(
    { widthPx, heightPx, greys: new Uint8Array(greys.buffer as ArrayBuffer, greys.byteOffset, greys.length) },
    tone,
    dpi,
  )
  const turn = carrierTurn(method, plate)
  if (turn.inverted) invertGreys(out)
  if (turn.mirrored) mirrorGreys(out, widthPx)
  return { greys: out, widthPx, heightPx }
}

/** Quick and good enough: black and white packs well however it is done. */
const PNG = { compressionLevel: 3, adaptiveFiltering: false } as const
/** Beyond this many pixels the library asks whether it is meant: here it is. */
const MEANT = { limitInputPixels: false } as const
const rawOf = ({ widthPx, heightPx }: Carrier) => ({ width: widthPx, height: heightPx, channels: 1 as const })

/** A carrier alone as a PNG that knows its dots an inch. */
export async function carrierPng(carrier: Carrier, dpi: number): Promise<Buffer> {
  return sharp(carrier.greys, { ...MEANT, raw: rawOf(carrier) })
    .withMetadata({ density: dpi })
    .png(PNG)
    .toBuffer()
}

/** The whole sheet as one PNG: the carrier dot for dot, and round it corner marks and check bar, each band drawn by itself. @param limits of the library, for pictures beyond its own */
export async function carrierSheetPng(
  carrier: Carrier,
  sheet: SheetDrawing,
  dpi: number,
  limits: Readonly<{ limitInputPixels: number | false }> = MEANT,
): Promise<Buffer> {
  const [{ xMm, yMm }] = sheet.pictures
  const pxPerMm = dpi / 25.4
  const [width, height, left, top] = [sheet.widthMm, sheet.heightMm, xMm, yMm].map((mm) =>
    Math.round(mm * pxPerMm),
  )
  const out = new Uint8Array(width * height).fill(255)
  const lay = (greys: Uint8Array, x: number, y: number, w: number, h: number) => {
    for (let row = 0; row < h; row++) out.set(greys.subarray(row * w, (row + 1) * w), (y + row) * width + x)
  }
  const [right, below] = [left + carrier.widthPx, top + carrier.heightPx]
  const bands = [
    [0, 0, width, top],
    [0, below, width, height - below],
    [0, top, left, carrier.heightPx],
    [right, top, width - right, carrier.heightPx],
  ] as const
  for (const [xPx, yPx, widthPx, heightPx] of bands) {
    if (widthPx <= 0 || heightPx <= 0) continue
    const svg = drawingToSvg({ ...sheet, pictures: [] }, { xPx, yPx, widthPx, heightPx, pxPerMm })
    lay(
      await sharp(Buffer.from(svg), { ...limits, unlimited: true })
        .flatten({ background: '#fff' })
        .greyscale()
        .extractChannel(0)
        .raw()
        .toBuffer(),
      xPx,
      yPx,
      widthPx,
      heightPx,
    )
  }
  lay(carrier.greys, left, top, carrier.widthPx, carrier.heightPx)
  return sharp(out, { ...limits, raw: { width, height, channels: 1 } })
    .withMetadata({ density: dpi })
    .png(PNG)
    .toBuffer()
}
