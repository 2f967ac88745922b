import sharp from 'sharp'
import { pictureFile } from '../across/images'

/** A kept picture as a page for a reader can carry it. */
export interface CarriedPicture {
  /** data URL, JPEG */
  data: string
  widthPx: number
  heightPx: number
}

/** A kept picture as JPEG: what is sent on is opened anywhere. @throws NotFoundError */
export async function carryPicture(id: string): Promise<CarriedPicture> {
  const { data, info } = await sharp(await pictureFile(id, 'view'))
    .jpeg({ quality: 88 })
    .toBuffer({ resolveWithObject: true })
  return {
    data: `data:image/jpeg;base64,${data.toString('base64')}`,
    widthPx: info.width,
    heightPx: info.height,
  }
}
