import type { Rgb } from '@/core/match/picture'
import { readColourProfile } from './colourProfile'

/** Most pixels a picture may unfold to, kept or compared: a small file that claims more is refused unread. */
export const MOST_PIXELS = 150_000_000

/** What is said of a file that cannot be read. */
export const READABLE = 'PNG, JPEG, WebP, AVIF and TIFF can be read'

/** Longest side of a picture that is compared, px: prints are judged at 150 dots an inch, and few sheets are longer than 600 mm. */
export const COMPARED_LONGEST = 3600

/** Dots an inch from which on a file's own word is taken for its scale: cameras and programs write 72 whatever they show. */
const LEAST_DPI = 75

/** What a file of one channel says of its colours. */
const ONE_CHANNEL = new Set(['b-w', 'grey16'])

/** Why the pixels of a picture cannot be had. */
export class PixelError extends Error {}

/**
 * Reads a picture upright, in sRGB by the profile of its file, 8 bit, on white where it is transparent.
 *
 * @param longest most pixels of its longer side: a larger one is made smaller; left out: as it is
 * @throws PixelError that says what is wrong with the file
 */
export async function readPixels(path: string, longest?: number): Promise<Rgb> {
  const { default: sharp } = await import('sharp')
  try {
    const file = sharp(path, { limitInputPixels: MOST_PIXELS })
    const { space, density, width, height, icc } = await file.metadata()
    const profile = icc && (await readColourProfile(icc, space))
    const upright = file.autoOrient()
    const sized =
      longest === undefined
        ? upright
        : upright.resize(longest, longest, { fit: 'inside', withoutEnlargement: true })
    const { data, info } = await sized
      .flatten({ background: '#ffffff' })
      .toColourspace('srgb')
      .removeAlpha()
      .raw({ depth: 'uchar' })
      .toBuffer({ resolveWithObject: true })
    return {
      width: info.width,
      height: info.height,
      data,
      ...(space && ONE_CHANNEL.has(space) && { isGrey: true }),
      ...(profile && { profile }),
      ...(density &&
        density >= LEAST_DPI && {
          pixelsPerMm: ((density / 25.4) * Math.max(info.width, info.height)) / Math.max(width, height),
        }),
    }
  } catch (error) {
    const words = error instanceof Error ? error.message : ''
    if (/pixel limit/i.test(words)) throw new PixelError(`has more than ${MOST_PIXELS / 1e6} million pixels`)
    throw new PixelError(
      /missing|no such file/i.test(words)
        ? 'there is no such file'
        : `is not a picture, or it is damaged: ${READABLE}`,
    )
  }
}

/** Pixels as a JPEG file. */
export async function encodePixels({ width, height, data }: Rgb): Promise<Buffer> {
  const { default: sharp } = await import('sharp')
  return sharp(data, { raw: { width, height, channels: 3 } })
    .jpeg({ quality: 92 })
    .toBuffer()
}
