import sharp, { type Metadata } from 'sharp'
import { FieldError } from '../database/errors'
import { MOST_PIXELS } from './pixels'

/** A page of a picture file as it is offered. @property page its number in the file, from 1 @property thumb a small picture of it, as an address that holds it */
export interface PicturePage {
  page: number
  thumb: string
}

/** A file that holds several pictures, of which nobody said which is meant. */
export class SeveralPagesError extends FieldError {
  constructor(readonly pages: PicturePage[]) {
    super([
      {
        field: 'picture',
        message: `This file has ${pages.length} pages: save the one you mean as a file of its own.`,
      },
    ])
  }
}

/** A page at most half as long as the first is a small copy of it, as cameras, scanners and layered files keep some. */
const SMALL_COPY = 0.5
/** Pages that are looked at; nobody means the hundredth. */
const MOST_PAGES = 20
/** Longest side of what is offered, px. */
const THUMB_PX = 240

/**
 * The pages of a file that are pictures of their own, by their numbers from 1.
 *
 * @throws where a page cannot be read
 */
export async function pagesOfTheirOwn(bytes: Buffer, { pages = 1, width }: Metadata): Promise<number[]> {
  const numbers = Array.from({ length: Math.min(pages, MOST_PAGES) }, (_, i) => i + 1)
  const isFull = await Promise.all(
    numbers.map(
      async (page) =>
        page === 1 ||
        (await sharp(bytes, { limitInputPixels: false, page: page - 1 }).metadata()).width >
          SMALL_COPY * width,
    ),
  )
  return numbers.filter((_, i) => isFull[i])
}

/**
 * The pages to choose from, each small enough to be told apart.
 *
 * @throws where a page cannot be read
 */
export async function offeredPages(bytes: Buffer, numbers: readonly number[]): Promise<PicturePage[]> {
  const offered: PicturePage[] = []
  // One after another: each is opened at its full size.
  for (const page of numbers) {
    const small = await sharp(bytes, { limitInputPixels: MOST_PIXELS, page: page - 1 })
      .autoOrient()
      .resize(THUMB_PX, THUMB_PX, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 80 })
      .toBuffer()
    offered.push({ page, thumb: `data:image/jpeg;base64,${small.toString('base64')}` })
  }
  return offered
}
