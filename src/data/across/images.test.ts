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
  it('that is none leaves nothing', async () => {
    await expect(keepPicture(Buffer.from('no picture'), 'a.png', at())).rejects.toThrow('not a picture')
    await expect(keepPicture(Buffer.alloc(0), 'a.png', at())).rejects.toThrow('not a picture')
  })
})
