import { createHash, randomUUID } from 'node:crypto'
import { lstat, mkdir, open, readFile, rename, rm } from 'node:fs/promises'
import path from 'node:path'
import sharp, { type Metadata } from 'sharp'
import { withoutTraces } from '@/core/document/withoutTraces'
import { label } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { dataFolder } from '../database/dataFolder'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { settle } from '../database/snapshot'
import type { ImageRow } from '../database/tables'
import { isHeic, openHeic } from './openHeic'
import { offeredPages, pagesOfTheirOwn, SeveralPagesError } from './picturePages'
import { MOST_PIXELS, READABLE } from './pixels'

/** Largest picture file taken, bytes. */
export const LARGEST_PICTURE_BYTES = 120 * 1024 * 1024
const FORMATS = new Set(['png', 'jpeg', 'webp', 'tiff', 'heif'])

/** Sizes a picture is kept in beside its original: the longest side, px. */
export const PICTURE_SIZES = { thumb: 320, view: 1600 } as const
export type PictureSize = keyof typeof PICTURE_SIZES

const refuse = (message: string): never => {
  throw new FieldError([{ field: 'picture', message }])
}

/** Writes a file and does not return before it is on the disk. */
async function writeDown(file: string, data: Buffer): Promise<void> {
  const handle = await open(file, 'w')
  try {
    await handle.writeFile(data)
    await handle.sync()
  } finally {
    await handle.close()
  }
}

/** Asynchronous all through: the library throws at once where there are no bytes at all. */
async function readMetadata(bytes: Buffer, page = 1): Promise<Metadata> {
  return sharp(bytes, { limitInputPixels: false, page: page - 1 }).metadata()
}

const UNREADABLE = `This is not a picture, or it is damaged: ${READABLE}.`
/** What phones keep pictures in by themselves; they hand over a JPEG where that is asked for. */
const HEIC =
  'This HEIC picture cannot be opened: it is damaged, or of a kind that is not read here. Choose it on the phone itself, which then sends a JPEG, or save it as JPEG or PNG.'

/** The page that is meant as it says it is. @param first of the file @throws SeveralPagesError where nobody said which */
async function pageMeant(bytes: Buffer, first: Metadata, page: number | null): Promise<Metadata> {
  const numbers = await pagesOfTheirOwn(bytes, first).catch(() => refuse(UNREADABLE))
  if (page === null && numbers.length > 1)
    throw new SeveralPagesError(await offeredPages(bytes, numbers).catch(() => refuse(UNREADABLE)))
  if (page === null || page === 1) return first
  return numbers.includes(page) ? readMetadata(bytes, page) : refuse(`This file has no page ${page}.`)
}

/** Reads what the bytes themselves say they are; the name of a file proves nothing. */
async function sniff(
  bytes: Buffer,
  page: number | null,
): Promise<{ format: string; widthPx: number; heightPx: number }> {
  const first = await readMetadata(bytes).catch(() => refuse(isHeic(bytes) ? HEIC : UNREADABLE))
  if (!first.format || !FORMATS.has(first.format) || !first.width || !first.height) return refuse(UNREADABLE)
  const seen = await pageMeant(bytes, first, page)
  if (seen.width * seen.height > MOST_PIXELS)
    return refuse(
      `The picture has ${Math.round((seen.width * seen.height) / 1e6)} million pixels; at most ${MOST_PIXELS / 1e6} million are taken. Save it smaller and choose it again.`,
    )
  const turned = (seen.orientation ?? 1) >= 5
  return {
    format: first.format === 'heif' && first.compression !== 'av1' ? 'heic' : first.format,
    widthPx: turned ? seen.height : seen.width,
    heightPx: turned ? seen.width : seen.height,
  }
}

const pictureFolder = (id: string) => path.join(dataFolder(), 'pictures', id)

/** Names of the files a picture is kept in. */
const filesOf = (format: string): string[] => [
  `original.${format}`,
  ...Object.keys(PICTURE_SIZES).map((size) => `${size}.webp`),
]

/** Whether all files of a picture lie where they should: plain files with something in them, and no ways to elsewhere. */
async function isWhole(folder: string, format: string): Promise<boolean> {
  const seen = await Promise.all([
    lstat(folder).then((one) => one.isDirectory()),
    ...filesOf(format).map((file) =>
      lstat(path.join(folder, file)).then((one) => one.isFile() && one.size > 0),
    ),
  ]).catch(() => [false])
  return seen.every(Boolean)
}

/** Whether all files of a kept picture are there. */
export const isPictureWhole = (id: string, format: string): Promise<boolean> =>
  isWhole(pictureFolder(id), format)

/** The id of a picture: its own bytes. */
const idOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex').slice(0, 32)

/** Pictures that are being kept, by id: one sent twice at once is kept by the first, and the second waits for it. */
const underWay = new Map<string, Promise<unknown>>()

async function inTurn<T>(id: string, keep: () => Promise<T>): Promise<T> {
  const turn = (underWay.get(id) ?? Promise.resolve()).then(keep)
  const settled = turn.catch(() => undefined)
  underWay.set(id, settled)
  try {
    return await turn
  } finally {
    if (underWay.get(id) === settled) underWay.delete(id)
  }
}

const asPng = (bytes: Buffer, page: number | null): Promise<Buffer> =>
  sharp(bytes, { limitInputPixels: MOST_PIXELS, page: (page ?? 1) - 1 })
    .autoOrient()
    .keepIccProfile()
    .png()
    .toBuffer()
    .catch(() => refuse(UNREADABLE))

/** Puts a picture's files where they belong, all at once; what was damaged there goes. */
async function layDownFiles(folder: string, format: string, bytes: Buffer): Promise<void> {
  const sizes = await Promise.all(
    Object.values(PICTURE_SIZES).map((side) =>
      sharp(bytes, { limitInputPixels: MOST_PIXELS })
        .rotate()
        .resize(side, side, { fit: 'inside', withoutEnlargement: true })
        .webp({ quality: 88 })
        .toBuffer(),
    ),
  ).catch(() => refuse(UNREADABLE))
  const waiting = `${folder}.${randomUUID()}.part`
  await mkdir(waiting, { recursive: true })
  for (const [i, file] of filesOf(format).entries())
    await writeDown(path.join(waiting, file), i === 0 ? bytes : sizes[i - 1])
  settle(waiting)
  await rm(folder, { recursive: true, force: true })
  await rename(waiting, folder)
  settle(path.dirname(folder))
}

/**
 * Keeps a picture: its pixels untouched, without what it tells of place, moment, person and device, and smaller copies for the screen. Its id follows from its bytes, so that the
 * same picture is kept once; sent again, it mends what was lost of its files.
 *
 * @param page which page of the file is meant, from 1; null: it has one
 * @throws FieldError when it is no picture, too large, or damaged, SeveralPagesError when it has several pages; nothing is kept then
 */
export async function keepPicture(
  came: Buffer,
  name: string,
  at: string,
  page: number | null = null,
): Promise<string> {
  if (came.length > LARGEST_PICTURE_BYTES)
    refuse('The file is too large; at most 120 MB are taken. Save it smaller and choose it again.')
  const seen = await sniff(came, page)
  const { widthPx, heightPx } = seen
  // AVIF, HEIC, and one page of several, are laid down as PNG, opened pixel by pixel: what else such a file holds is not taken out of it otherwise.
  const isHevc = seen.format === 'heic'
  const isOpened = seen.format === 'heif' || (page !== null && !isHevc)
  const format = isOpened || isHevc ? 'png' : seen.format
  const opened = isHevc ? await openHeic(came).catch(() => refuse(HEIC)) : came
  const bytes = Buffer.from(withoutTraces(isOpened ? await asPng(came, page) : opened, format))
  const id = idOf(bytes)
  await inTurn(id, async () => {
    const { tables } = await openDatabase()
    const folder = pictureFolder(id)
    const isThere = await isWhole(folder, format)
    if (isThere && (await tables.images.count({ where: { id } })) > 0) return
    // Files first, under a name of their own, the row last: a cut in between leaves no row without its files.
    if (!isThere) await layDownFiles(folder, format, bytes)
    await write(async (all, transaction) => {
      await all.images.upsert(
        {
          id,
          name: label.catch('picture').parse(path.basename(name).slice(0, 120)),
          format,
          widthPx,
          heightPx,
          bytes: bytes.length,
          keptAt: at,
        },
        { transaction },
      )
    })
  })
  return id
}

/** Pictures that are kept, by id. */
export async function keptPictures(): Promise<Set<string>> {
  const { tables } = await openDatabase()
  return new Set((await readRows(tables.images, { attributes: ['id'] })).map(({ id }) => id))
}

/** Lets a picture go that came in with something that was refused, and hangs nowhere yet: its row first, so that none is without its files. */
export const forgetPicture = (id: string): Promise<void> =>
  inTurn(id, async () => {
    await write((tables, transaction) => tables.images.destroy({ where: { id }, transaction }))
    await rm(pictureFolder(id), { recursive: true, force: true })
  })

/** Where a size of a kept picture lies. @throws NotFoundError */
export async function pictureFile(id: string, size: PictureSize): Promise<string> {
  const { tables } = await openDatabase()
  if ((await tables.images.count({ where: { id } })) === 0) throw new NotFoundError('This picture')
  return path.join(pictureFolder(id), `${size}.webp`)
}

/** The picture as it came in: for reading only. @throws NotFoundError */
export async function originalFile(id: string): Promise<string> {
  const { tables } = await openDatabase()
  const [row] = await readRows(tables.images, { where: { id } })
  if (!row) throw new NotFoundError('This picture')
  return path.join(pictureFolder(id), `original.${row.format}`)
}

/** A kept picture as it may leave the workshop: one kept by an earlier release is cleaned only now, and then has another id. @throws NotFoundError */
export async function pictureToGive(id: string): Promise<{ id: string; bytes: Uint8Array }> {
  const file = await originalFile(id)
  const bytes = withoutTraces(await readFile(file), path.extname(file).slice(1))
  return { id: idOf(bytes), bytes }
}

/** Sizes of kept pictures, turned the right way up. */
export async function pictureDetails(
  ids: readonly string[],
): Promise<Pick<ImageRow, 'id' | 'widthPx' | 'heightPx'>[]> {
  if (ids.length === 0) return []
  const { tables } = await openDatabase()
  return readRows(tables.images, { where: { id: [...ids] }, attributes: ['id', 'widthPx', 'heightPx'] })
}
