import { existsSync, mkdirSync, readFileSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { QueryTypes } from 'sequelize'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { keepPicture } from '../across/images'
import { backUp, backupStanding } from './backups'
import { examineWorkshop, putBack } from './doctor'
import { loadJob } from '../shop/jobs'
import { approvedJob, at, openWorkshop } from '../shop/workshop.test.fixture'
import { closeDatabase, openDatabase, write } from '../database/database'
import { dataFolder } from '../database/dataFolder'
import { BUSY_MS } from '../database/driver'

openWorkshop()

const database = () => path.join(dataFolder(), 'typothesis.sqlite')
const picture = (grey: number) =>
  sharp({ create: { width: 8, height: 8, channels: 3, background: { r: grey, g: grey, b: grey } } })
    .png()
    .toBuffer()
/** Writes rubbish over the middle of the database, as a failing disk would. */
async function damage() {
  await closeDatabase()
  const bytes = readFileSync(database())
  bytes.fill(0xa5, 4096, bytes.length - 4096)
  writeFileSync(database(), bytes)
}
/** What a file holds; null: it is gone. */
function read(file: string): Buffer | null {
  try {
    return readFileSync(file)
  } catch {
    return null
  }
}
async function lose() {
  await closeDatabase()
  for (const end of ['', '-wal', '-shm']) rmSync(database() + end, { force: true })
}

describe('every connection', () => {
  it('waits for others, writes to the disk and minds what rows speak of, within a transaction too', async () => {
    const { sequelize } = await openDatabase()
    const settings = async (transaction?: import('sequelize').Transaction) =>
      Promise.all(
        ['busy_timeout', 'synchronous', 'foreign_keys'].map(async (name) => {
          const [row] = await sequelize.query<Record<string, number>>(`PRAGMA ${name}`, {
            type: QueryTypes.SELECT,
            transaction,
          })
          return Object.values(row)[0]
        }),
      )
    expect(await settings()).toEqual([BUSY_MS, 2, 1])
    expect(await write((_tables, transaction) => settings(transaction))).toEqual([BUSY_MS, 2, 1])
  })
})

describe('a workshop whose database', () => {
  it('is missing beside its pictures is not begun anew, and opens once the database is back', async () => {
    const job = await approvedJob()
    await keepPicture(await picture(9), 'proof', at())
    await closeDatabase()
    // With what may still wait beside it to be written in, read first: a connection that closes late writes it in and takes it away.
    const waiting = read(database() + '-wal')
    const kept = [['', readFileSync(database())] as const, ...(waiting ? [['-wal', waiting] as const] : [])]
    await lose()
    await expect(openDatabase()).rejects.toThrow(/is missing, and there was one: 1 picture lies beside it/)
    await expect(openDatabase()).rejects.toThrow('npm run restore')
    expect(existsSync(database())).toBe(false)
    // What failed once is not remembered: put back, it opens without a restart.
    for (const [end, bytes] of kept) writeFileSync(database() + end, bytes)
    expect((await loadJob(job.slug)).id).toBe(job.id)
  })
  it('is empty, or damaged, says so with the way back, and is not written to', async () => {
    await approvedJob()
    await backUp('2031-05-02T10:30:00.000Z')
    await lose()
    writeFileSync(database(), '')
    await expect(openDatabase()).rejects.toThrow(
      /is empty.*puts the backup of 2031-05-02 10:30 UTC in its place/s,
    )
    expect(statSync(database()).size).toBe(0)
    writeFileSync(database(), 'no database at all, but some words in a file')
    await expect(openDatabase()).rejects.toThrow('is damaged')
  })
  it('is damaged in the middle is found before anything is written', async () => {
    await approvedJob()
    await damage()
    const before = readFileSync(database())
    await expect(openDatabase()).rejects.toThrow(/is damaged: .*Nothing in it was changed/s)
    expect(readFileSync(database())).toEqual(before)
  })
  it('is new begins: there is neither picture nor backup', async () => {
    await lose()
    mkdirSync(path.join(dataFolder(), 'pictures'), { recursive: true })
    await openDatabase()
    expect(existsSync(database())).toBe(true)
  })
})

describe('the doctor', () => {
  it('finds nothing wrong with a workshop that is well', async () => {
    await approvedJob()
    await keepPicture(await picture(9), 'proof', at())
    await backUp('2031-05-02T10:30:00.000Z')
    expect(await examineWorkshop(at())).toEqual({
      said: ['The database is whole: 1 job, 1 picture.'],
      isIll: false,
    })
  })
  it('puts the newest backup in place of a damaged database, and sets what lay there aside', async () => {
    const job = await approvedJob()
    const id = await keepPicture(await picture(9), 'proof', at())
    await backUp('2031-05-02T10:30:00.000Z')
    await damage()
    rmSync(path.join(dataFolder(), 'pictures', id), { recursive: true })
    expect(await examineWorkshop(at())).toMatchObject({
      isIll: true,
      said: [expect.stringContaining('damaged')],
    })
    expect(await putBack(at())).toContain('The backup of 2031-05-02 10:30 UTC is in its place.')
    expect(await examineWorkshop(at())).toMatchObject({ isIll: false })
    expect((await loadJob(job.slug)).id).toBe(job.id)
    expect(
      existsSync(path.join(dataFolder(), 'set-aside/2031-05-02T09-00-00/database/typothesis.sqlite')),
    ).toBe(true)
    await lose()
    rmSync(path.join(dataFolder(), 'backups'), { recursive: true })
    await expect(putBack(at())).rejects.toThrow('There is no backup')
  })
  it('tells of pictures that lost their files or were changed, clears what was cut off, sets strangers aside', async () => {
    await approvedJob()
    const [lost, changed] = [
      await keepPicture(await picture(9), 'lost', at()),
      await keepPicture(await picture(99), 'changed', at()),
    ]
    const pictures = path.join(dataFolder(), 'pictures')
    truncateSync(path.join(pictures, lost, 'thumb.webp'), 0)
    writeFileSync(path.join(pictures, changed, 'original.png'), await picture(10))
    mkdirSync(path.join(pictures, 'f'.repeat(32)))
    mkdirSync(path.join(pictures, `${'e'.repeat(32)}.x.part`))
    const { said, isIll } = await examineWorkshop(at())
    expect(isIll).toBe(true)
    expect(said).toEqual([
      'The database is whole: 1 job, 2 pictures.',
      '1 picture cut off while it was kept: cleared.',
      expect.stringContaining('1 picture that nothing speaks of: set aside in'),
      expect.stringMatching(/“(lost|changed)” has lost its files: send it again/),
      expect.stringMatching(/“(lost|changed)” has lost its files: send it again/),
    ])
    await keepPicture(await picture(9), 'lost', at())
    expect((await examineWorkshop(at(1))).said).toHaveLength(2)
  })
  it('has a backup say that pictures lost their files, which it cannot hold', async () => {
    await approvedJob()
    const id = await keepPicture(await picture(9), 'proof', at())
    rmSync(path.join(dataFolder(), 'pictures', id), { recursive: true })
    await backUp('2031-05-02T10:30:00.000Z')
    expect(backupStanding()).toMatchObject({ lost: 1, failed: null })
    await keepPicture(await picture(9), 'proof', at())
    await backUp('2031-05-02T10:40:00.000Z')
    expect(backupStanding()).toMatchObject({ lost: 0 })
  })
  it('clears pictures that no backup speaks of any more', async () => {
    await approvedJob()
    const id = await keepPicture(await picture(9), 'proof', at())
    await backUp('2031-05-02T10:30:00.000Z')
    const stray = path.join(dataFolder(), 'backups/pictures', 'd'.repeat(32))
    mkdirSync(stray)
    expect((await examineWorkshop(at())).said).toContain(
      '1 picture that no backup speaks of any more: cleared.',
    )
    expect(existsSync(stray)).toBe(false)
    expect(existsSync(path.join(dataFolder(), 'backups/pictures', id))).toBe(true)
  })
})
