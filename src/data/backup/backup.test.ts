import {
  createWriteStream,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { pipeline } from 'node:stream/promises'
import { QueryTypes } from 'sequelize'
import sharp from 'sharp'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import yazl from 'yazl'
import { keepPicture } from '../across/images'
import { closeDatabase, openDatabase } from '../database/database'
import { dataFolder } from '../database/dataFolder'
import { checkDatabase, DamagedError } from '../database/snapshot'
import { loadJob } from '../shop/jobs'
import { approvedJob, at, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { packWorkshop } from './archive'
import { backUp, backUpDaily, backupStanding } from './backups'
import { restoreWorkshop } from './restore'

openWorkshop()
let elsewhere: string
beforeEach(() => (elsewhere = mkdtempSync(path.join(tmpdir(), 'typothesis-backup-'))))
afterEach(() => {
  delete process.env.TYPOTHESIS_BACKUPS
  rmSync(elsewhere, { recursive: true, force: true })
})

const picture = (grey: number) =>
  sharp({ create: { width: 40, height: 30, channels: 3, background: { r: grey, g: grey, b: grey } } })
    .png()
    .toBuffer()

/** All rows of all tables, as they are on the disk. */
async function everything(): Promise<Record<string, object[]>> {
  const { sequelize, tables } = await openDatabase()
  const rows: Record<string, object[]> = {}
  for (const name of Object.keys(tables))
    rows[name] = await sequelize.query(`SELECT * FROM "${name}" ORDER BY rowid`, { type: QueryTypes.SELECT })
  return rows
}
/** All files of a folder with what is in them. */
const files = (folder: string): Record<string, string> =>
  Object.fromEntries(
    readdirSync(folder, { recursive: true, withFileTypes: true })
      .filter((entry) => entry.isFile())
      .map(({ parentPath, name }) => path.join(parentPath, name))
      .map((file) => [path.relative(folder, file), readFileSync(file).toString('base64')]),
  )
async function workshop() {
  const job = await pull(await approvedJob(), 'e1', 'edition', 'accepted')
  for (const grey of [40, 90]) await keepPicture(await picture(grey), 'a.png', at())
  return job
}

describe('a workshop that moves house', () => {
  it('is the same in an empty folder: every row of every table, every picture', async () => {
    const job = await workshop()
    const [rows, pictures] = [await everything(), files(path.join(dataFolder(), 'pictures'))]
    const zip = path.join(elsewhere, 'shop.zip')
    expect(await packWorkshop(zip, at(20))).toBe(2)
    expect(readdirSync(elsewhere)).toEqual(['shop.zip'])
    expect(statSync(zip).mode & 0o777).toBe(0o600)
    await closeDatabase()
    const there = path.join(elsewhere, 'new')
    expect(await restoreWorkshop(zip, there, at(30))).toEqual({ pictures: 2, before: null })
    process.env.TYPOTHESIS_DATA = there
    expect(await everything()).toEqual(rows)
    expect(files(path.join(there, 'pictures'))).toEqual(pictures)
    expect((await loadJob(job.slug)).pulls).toEqual(job.pulls)
    expect(statSync(there).mode & 0o777).toBe(0o700)
    await closeDatabase()
  })
  it('holds nothing of what the workshop is shared by', async () => {
    const zip = path.join(elsewhere, 'shop.zip')
    await workshop()
    mkdirSync(path.join(dataFolder(), 'share'))
    writeFileSync(path.join(dataFolder(), 'share/authority.key'), 'secret')
    await packWorkshop(zip, at(20))
    await closeDatabase()
    const there = path.join(elsewhere, 'there')
    await restoreWorkshop(zip, there, at(30))
    expect(readdirSync(there)).not.toContain('share')
    expect(readFileSync(zip).includes('authority')).toBe(false)
  })
  it('sets what lay there aside, whole', async () => {
    await workshop()
    const zip = path.join(elsewhere, 'shop.zip')
    await packWorkshop(zip, at(20))
    await pull(await approvedJob(), 'later')
    const before = await everything()
    await closeDatabase()
    const own = dataFolder()
    const { before: aside } = await restoreWorkshop(zip, own, at(30))
    expect((await everything()).jobs).toHaveLength(1)
    await closeDatabase()
    process.env.TYPOTHESIS_DATA = aside!
    expect(await everything()).toEqual(before)
    await closeDatabase()
    rmSync(aside!, { recursive: true })
    process.env.TYPOTHESIS_DATA = own
  })
  it('is packed while work goes on, and the archive is of one moment', async () => {
    let job = await workshop()
    const zip = path.join(elsewhere, 'shop.zip')
    const packing = packWorkshop(zip, at(20))
    const sending = Promise.all(
      [130, 150, 170].map(async (grey) => keepPicture(await picture(grey), 'b.png', at(21))),
    )
    for (const id of ['x', 'y', 'z']) job = await pull(job, id)
    await sending
    await packing
    await closeDatabase()
    const there = path.join(elsewhere, 'new')
    await restoreWorkshop(zip, there, at(30))
    process.env.TYPOTHESIS_DATA = there
    const { pulls } = await loadJob(job.slug)
    expect(job.pulls.slice(0, pulls.length)).toEqual(pulls)
    await closeDatabase()
  })
})

describe('an archive that is none', () => {
  /** A zip of the entries given, made as anybody could. */
  async function zipOf(entries: [name: string, data: Buffer | string, mode?: number][]): Promise<string> {
    const file = path.join(elsewhere, 'forged.zip')
    const zip = new yazl.ZipFile()
    const written = pipeline(zip.outputStream, createWriteStream(file))
    for (const [name, data, mode] of entries)
      zip.addBuffer(Buffer.from(data), name, { mode: mode ?? 0o100644 })
    zip.end()
    await written
    return file
  }
  const note = JSON.stringify({ format: 'typothesis-workshop', version: 1 })
  const id = 'a'.repeat(32)
  const there = () => path.join(elsewhere, 'new')
  const refused = async (zip: string, words: RegExp) => {
    mkdirSync(there())
    writeFileSync(path.join(there(), 'mine.txt'), 'mine')
    await expect(restoreWorkshop(zip, there(), at())).rejects.toThrow(words)
    // Nothing was changed, and nothing is left lying about.
    expect(readFileSync(path.join(there(), 'mine.txt'), 'utf8')).toBe('mine')
    expect(
      readdirSync(elsewhere).filter((name) => name.includes('.part') || name.includes('.before')),
    ).toEqual([])
  }
  it('is refused: not a zip, or not there', async () => {
    writeFileSync(path.join(elsewhere, 'no.zip'), 'no zip')
    await refused(path.join(elsewhere, 'no.zip'), /not the archive/)
    await expect(restoreWorkshop(path.join(elsewhere, 'nowhere.zip'), there(), at())).rejects.toThrow(
      'There is no',
    )
  })
  it.each<[string, [string, string, number?][], RegExp]>([
    ['a stranger', [['readme.txt', 'x']], /it holds "readme.txt"/],
    ['a picture of no known kind', [[`pictures/${id}/run.sh`, 'x']], /it holds/],
    ['a picture under another name', [[`pictures/${id.toUpperCase()}/view.webp`, 'x']], /it holds/],
    ['a link', [['workshop.json', '/etc/passwd', 0o120777]], /no plain file/],
    ['no database', [['workshop.json', note]], /has no typothesis.sqlite/],
    [
      'a database that is none',
      [
        ['workshop.json', note],
        ['typothesis.sqlite', 'nonsense'],
      ],
      /damaged/,
    ],
    [
      'of a later release',
      [
        ['workshop.json', note.replace('1', '2')],
        ['typothesis.sqlite', 'x'],
      ],
      /later/,
    ],
    [
      'one name twice',
      [
        ['workshop.json', note],
        ['workshop.json', note],
      ],
      /it holds/,
    ],
  ])('is refused: %s', async (_, entries, words) => refused(await zipOf(entries), words))
  it('is refused: a name that leads out of the folder', async () => {
    const zip = await zipOf([[`pictures/${id}/view.webp`, 'x']])
    // Written by hand, since no honest packer makes it: the same length, another name, in both places where it stands.
    const bytes = readFileSync(zip).toString('latin1')
    writeFileSync(zip, Buffer.from(bytes.replaceAll(`pictures/${id}`, `../../../${id}`), 'latin1'))
    await refused(zip, /not the archive|damaged/)
  })
  it('is refused: cut short, or with a picture changed', async () => {
    await workshop()
    const zip = path.join(elsewhere, 'shop.zip')
    await packWorkshop(zip, at(20))
    const whole = readFileSync(zip)
    writeFileSync(zip, whole.subarray(0, whole.length - 200))
    await refused(zip, /archive/)
    rmSync(there(), { recursive: true })
    const [name] = readdirSync(path.join(dataFolder(), 'pictures'))
    const file = path.join(dataFolder(), 'pictures', name, 'original.png')
    const bytes = readFileSync(file)
    bytes[bytes.length - 20] ^= 1
    writeFileSync(file, bytes)
    await packWorkshop(zip, at(20))
    await refused(zip, /is damaged/)
  })
  it('is not made of a workshop whose pictures are missing', async () => {
    await workshop()
    const [name] = readdirSync(path.join(dataFolder(), 'pictures'))
    rmSync(path.join(dataFolder(), 'pictures', name), { recursive: true })
    await expect(packWorkshop(path.join(elsewhere, 'shop.zip'), at())).rejects.toThrow('are missing')
    expect(readdirSync(elsewhere)).toEqual([])
  })
})

describe('backups by themselves', () => {
  const day = (n: number) => new Date(Date.UTC(2031, 4, n, 8)).toISOString()
  const own = () => path.join(dataFolder(), 'backups')
  it('are made once a day, as soon as something is kept, looked through, with the pictures beside', async () => {
    await backUpDaily(day(2))
    expect(backupStanding()).toEqual({ lastAt: null, second: null, failed: null, lost: 0 })
    await workshop()
    await backUpDaily(day(2))
    await backUpDaily(day(2))
    expect(readdirSync(own()).sort()).toEqual(['pictures', 'workshop-2031-05-02T08-00-00Z.sqlite'])
    expect(files(path.join(own(), 'pictures'))).toEqual(files(path.join(dataFolder(), 'pictures')))
    await checkDatabase(path.join(own(), 'workshop-2031-05-02T08-00-00Z.sqlite'))
    expect(backupStanding()).toEqual({ lastAt: day(2), second: null, failed: null, lost: 0 })
  })
  it('lie in a second folder too, if one is named, and it is said when that is behind', async () => {
    await workshop()
    await backUp(day(1))
    process.env.TYPOTHESIS_BACKUPS = path.join(elsewhere, 'stick')
    expect(backupStanding().second).toBe(false)
    await backUp(day(2))
    expect(backupStanding()).toEqual({ lastAt: day(2), second: true, failed: null, lost: 0 })
    expect(Object.keys(files(path.join(elsewhere, 'stick', 'pictures')))).toHaveLength(6)
  })
  it('go by their days and weeks', async () => {
    await workshop()
    for (let n = 1; n <= 20; n++) await backUp(day(n))
    const names = readdirSync(own()).filter((name) => name.endsWith('.sqlite'))
    expect(names.map((name) => Number(name.slice(17, 19))).sort((a, b) => a - b)).toEqual([
      4, 11, 14, 15, 16, 17, 18, 19, 20,
    ])
  })
  it('that fail say so until one is made again', async () => {
    await workshop()
    const file = path.join(elsewhere, 'a-file')
    writeFileSync(file, '')
    process.env.TYPOTHESIS_BACKUPS = path.join(file, 'stick')
    await expect(backUp(day(3))).rejects.toThrow()
    expect(backupStanding()).toMatchObject({
      lastAt: day(3),
      second: false,
      failed: expect.stringContaining('a-file'),
    })
    delete process.env.TYPOTHESIS_BACKUPS
    await backUp(day(4))
    expect(backupStanding()).toEqual({ lastAt: day(4), second: null, failed: null, lost: 0 })
  })
  it('tell a damaged copy', async () => {
    const file = path.join(elsewhere, 'x.sqlite')
    writeFileSync(file, Buffer.alloc(4096, 7))
    await expect(checkDatabase(file)).rejects.toThrow(DamagedError)
    expect(existsSync(file)).toBe(true)
  })
})
