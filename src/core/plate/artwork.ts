import { z } from 'zod'
import { finite, label } from '../units/schemas'
import { toneSettingSchema } from './halftone'
import { makingMethodSchema } from './makingMethod'

const share = finite
  .min(0, { error: 'must be within the picture' })
  .max(1, { error: 'must be within the picture' })

/** The part of a picture that goes onto the plate, in shares of its width and height. */
export const cropSchema = z
  .strictObject({
    left: share,
    top: share,
    width: share.positive({ error: 'must be within the picture' }),
    height: share.positive({ error: 'must be within the picture' }),
  })
  .superRefine(({ left, top, width, height }, context) => {
    if (left + width > 1 + 1e-9)
      context.addIssue({ code: 'custom', path: ['width'], message: 'must be within the picture' })
    if (top + height > 1 + 1e-9)
      context.addIssue({ code: 'custom', path: ['height'], message: 'must be within the picture' })
  })
export type Crop = z.infer<typeof cropSchema>

/** Finest carrier made, dots an inch; 600 is what most office printers lay down, films take more. */
export const FINEST_DPI = 1200

/** A picture on its way to a plate: the original stays as it is, this says what is made of it. */
export const artworkSchema = z.strictObject({
  imageId: label,
  method: makingMethodSchema,
  crop: cropSchema,
  tone: toneSettingSchema,
  dpi: finite
    .int({ error: 'must be a whole number' })
    .min(150, { error: `must be within 150 and ${FINEST_DPI}` })
    .max(FINEST_DPI, { error: `must be within 150 and ${FINEST_DPI}` }),
})
export type Artwork = z.infer<typeof artworkSchema>

/** The largest part of a picture that has the plate's proportion, in its middle. */
export function cropToPlate(
  picture: { widthPx: number; heightPx: number },
  plate: { widthMm: number; heightMm: number },
): Crop {
  const wide = picture.widthPx / picture.heightPx / (plate.widthMm / plate.heightMm)
  const [width, height] = wide > 1 ? [1 / wide, 1] : [1, wide]
  return { left: (1 - width) / 2, top: (1 - height) / 2, width, height }
}

/**
 * The crop with its proportion made the plate's, as large as before or as the picture allows, round the same middle.
 *
 * @param zoom 1: as large as can be; 2: half of that each way
 * @param middle of the crop, in shares of the picture; moved in as far as needed
 */
export function cropAround(
  picture: { widthPx: number; heightPx: number },
  plate: { widthMm: number; heightMm: number },
  zoom: number,
  middle: { x: number; y: number },
): Crop {
  const whole = cropToPlate(picture, plate)
  const [width, height] = [whole.width / zoom, whole.height / zoom]
  const place = (at: number, size: number) => Math.max(0, Math.min(1 - size, at - size / 2))
  return { left: place(middle.x, width), top: place(middle.y, height), width, height }
}

/** Size of the carrier in pixels. */
export function carrierPixels(
  { widthMm, heightMm }: { widthMm: number; heightMm: number },
  dpi: number,
): { widthPx: number; heightPx: number } {
  return {
    widthPx: Math.max(1, Math.round((widthMm / 25.4) * dpi)),
    heightPx: Math.max(1, Math.round((heightMm / 25.4) * dpi)),
  }
}

/** Most pixels a carrier may have: beyond it one waits too long. */
export const MOST_CARRIER_PIXELS = 80_000_000

/** How fine the cropped picture is on the plate, dots an inch: below about 300 its own pixels show. */
export function pictureDpi(
  picture: { widthPx: number },
  crop: Pick<Crop, 'width'>,
  plate: { widthMm: number },
): number {
  return (picture.widthPx * crop.width) / (plate.widthMm / 25.4)
}
