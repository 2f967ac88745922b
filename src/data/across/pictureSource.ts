import sharp from 'sharp'
import { pictureSource, type PictureSource } from '@/core/document/pictureSource'

/** What the bytes of a picture say of the device it came from; nothing where they cannot be read. */
export async function readPictureSource(bytes: Buffer): Promise<PictureSource> {
  const seen = await sharp(bytes, { limitInputPixels: false })
    .metadata()
    .catch(() => null)
  // A TIFF file is itself what an Exif block is in others.
  return pictureSource((seen?.format === 'tiff' ? bytes : seen?.exif) ?? new Uint8Array())
}
