import {
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  symlinkSync,
  truncateSync,
  writeFileSync,
} from 'node:fs'
import path from 'node:path'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { dataFolder } from '../database/dataFolder'
import { openDatabase } from '../database/database'
import { at, openWorkshop } from '../shop/workshop.test.fixture'
import { keepPicture, originalFile, pictureFile } from './images'
import { readPixels } from './pixels'
import { SeveralPagesError } from './picturePages'

openWorkshop()

const picture = (grey: number) =>
  sharp({ create: { width: 40, height: 30, channels: 3, background: { r: grey, g: grey, b: grey } } })
    .png()
    .toBuffer()
const folderOf = (id: string) => path.join(dataFolder(), 'pictures', id)
const FILES = ['original.png', 'thumb.webp', 'view.webp']

describe('a picture', () => {
  it('sent several times at once is kept once, whole, with nothing left lying about', async () => {
    const [one, other] = [await picture(90), await picture(120)]
    const ids = await Promise.all(
      [one, one, other, one, other, one].map((bytes) => keepPicture(bytes, 'a.png', at())),
    )
    expect(new Set(ids).size).toBe(2)
    const { tables } = await openDatabase()
    expect(await tables.images.count()).toBe(2)
    expect(readdirSync(path.join(dataFolder(), 'pictures')).sort()).toEqual([...new Set(ids)].sort())
    for (const id of ids) expect(readdirSync(folderOf(id)).sort()).toEqual(FILES)
    expect(readFileSync(await originalFile(ids[0])).equals(one)).toBe(true)
  })
  it.each<[string, (folder: string) => void]>([
    ['a lost file', (folder) => rmSync(path.join(folder, 'view.webp'))],
    ['an emptied file', (folder) => truncateSync(path.join(folder, 'original.png'))],
    ['a lost folder', (folder) => rmSync(folder, { recursive: true })],
  ])('sent again is mended: %s', async (_, harm) => {
    const bytes = await picture(90)
    const id = await keepPicture(bytes, 'a.png', at())
    harm(folderOf(id))
    expect(await keepPicture(bytes, 'a.png', at(1))).toBe(id)
    for (const file of FILES) expect(statSync(path.join(folderOf(id), file)).size).toBeGreaterThan(0)
    expect(readFileSync(await originalFile(id)).equals(bytes)).toBe(true)
    expect(statSync(await pictureFile(id, 'view')).isFile()).toBe(true)
  })
  it('does not go by a way laid to elsewhere: the way is taken out, what lies there is not touched', async () => {
    const bytes = await picture(90)
    const id = await keepPicture(bytes, 'a.png', at())
    const elsewhere = path.join(dataFolder(), 'elsewhere')
    mkdirSync(elsewhere)
    for (const file of FILES) writeFileSync(path.join(elsewhere, file), 'mine')
    rmSync(folderOf(id), { recursive: true })
    symlinkSync(elsewhere, folderOf(id))
    await keepPicture(bytes, 'a.png', at(1))
    expect(readFileSync(await originalFile(id)).equals(bytes)).toBe(true)
    expect(FILES.map((file) => readFileSync(path.join(elsewhere, file), 'utf8'))).toEqual([
      'mine',
      'mine',
      'mine',
    ])
  })
  it('that is AVIF is kept as PNG, pixel by pixel as it opens', async () => {
    const avif = await sharp(await picture(90))
      .avif({ lossless: true })
      .toBuffer()
    const id = await keepPicture(avif, 'a.avif', at())
    expect(await originalFile(id)).toMatch(/original\.png$/)
    const [one, other] = await Promise.all(
      [avif, await originalFile(id)].map((from) => sharp(from).removeAlpha().raw().toBuffer()),
    )
    expect(one.equals(other)).toBe(true)
    expect(await keepPicture(avif, 'a.avif', at(1))).toBe(id)
  })
  it('that is HEIC is kept as PNG in its own colours, and nothing else of it', async () => {
    // Drawn by us: on paper a plate of four fields, in the wider colours phones take pictures in, and pressed by a general encoder.
    const heic = readFileSync(path.join(import.meta.dirname, 'picture.test.fixture.heic'))
    const id = await keepPicture(heic, 'a.heic', at())
    const file = await originalFile(id)
    expect(file).toMatch(/original\.png$/)
    const { width, data } = await readPixels(file)
    const colourAt = (x: number, y: number) => [
      ...data.subarray(3 * (y * width + x), 3 * (y * width + x) + 3),
    ]
    for (const [x, y, colour] of [
      [20, 20, [235, 230, 215]],
      [100, 70, [200, 180, 90]],
      [240, 180, [60, 70, 90]],
    ] as const)
      colourAt(x, y).forEach((value, i) => expect(Math.abs(value - colour[i])).toBeLessThanOrEqual(4))
    expect(await keepPicture(heic, 'b.heic', at(1))).toBe(id)
  })
  it('that is HEIC and cannot be opened says what to do', async () => {
    // The first box of such a file: its length, its kind, its brand.
    const heic = Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypheic\0\0\0\0mif1heic')])
    await expect(keepPicture(heic, 'a.heic', at())).rejects.toThrow(
      'This HEIC picture cannot be opened: it is damaged, or of a kind that is not read here. Choose it on the phone itself',
    )
    const whole = readFileSync(path.join(import.meta.dirname, 'picture.test.fixture.heic'))
    await expect(keepPicture(whole.subarray(0, 1400), 'a.heic', at())).rejects.toThrow('cannot be opened')
  })
  it('of several pages asks which is meant, showing each, and keeps that one', async () => {
    const greys = [90, 120, 150]
    const pages = await Promise.all(greys.map(picture))
    const several = await sharp(pages, { join: { animated: true } })
      .tiff()
      .toBuffer()
    const asked = await keepPicture(several, 'a.tif', at()).catch((error: unknown) => error)
    expect(asked).toBeInstanceOf(SeveralPagesError)
    const offered = (asked as SeveralPagesError).pages
    expect(offered.map(({ page }) => page)).toEqual([1, 2, 3])
    const greyOf = async (from: Buffer | string) => (await sharp(from).stats()).channels[0].mean
    for (const [i, { thumb }] of offered.entries())
      expect(Math.abs((await greyOf(Buffer.from(thumb.split(',')[1], 'base64'))) - greys[i])).toBeLessThan(2)
    const second = await originalFile(await keepPicture(several, 'a.tif', at(), 2))
    expect(second).toMatch(/original\.png$/)
    expect(await greyOf(second)).toBe(120)
    await expect(keepPicture(several, 'a.tif', at(), 4)).rejects.toThrow('This file has no page 4.')
    await expect(keepPicture(await sharp(pages[0]).tiff().toBuffer(), 'a.tif', at())).resolves.toBeTruthy()
  })
  it('with small copies of itself behind it is one page', async () => {
    const layered = await sharp({
      create: { width: 600, height: 400, channels: 3, background: { r: 90, g: 90, b: 90 } },
    })
      .tiff({ pyramid: true, tile: true, tileWidth: 64, tileHeight: 64 })
      .toBuffer()
    expect((await sharp(layered).metadata()).pages).toBeGreaterThan(1)
    await expect(keepPicture(layered, 'a.tif', at())).resolves.toBeTruthy()
  })
  it('that is none leaves nothing', async () => {
    await expect(keepPicture(Buffer.from('no picture'), 'a.png', at())).rejects.toThrow('not a picture')
    await expect(keepPicture(Buffer.alloc(0), 'a.png', at())).rejects.toThrow('not a picture')
  })
})
