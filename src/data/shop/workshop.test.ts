import { existsSync, readdirSync } from 'node:fs'
import path from 'node:path'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { usualTolerances } from '@/core/prove/tolerance'
import { shownUnits, showUnits } from '@/core/units/shownUnits'
import { shownTongue, showTongue } from '@/core/units/tradeWords'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { closeDatabase, openDatabase, write } from '../database/database'
import { dataFolder } from '../database/dataFolder'
import { keepPicture, pictureDetails, pictureFile } from '../across/images'
import { exportJob, importJob } from '../record/jobFiles'
import { loadJob } from './jobs'
import { keepMorning, latestMorning, nameWorkshop, workshopName } from './mornings'
import { keepTongue } from './tongue'
import { keepUnitOrder } from './unitOrder'
import { giveNumbers } from '../dry/prints'
import { enterPressEvent } from '../press/pressCards'
import { addPress } from '../press/presses'
import { addPaper, loadStore } from './store'
import { approvedJob, at, benchedJob, pull, openWorkshop } from './workshop.test.fixture'

openWorkshop()

describe('the database', () => {
  it('writes ahead and to the disk, so that what was confirmed survives', async () => {
    const { sequelize } = await openDatabase()
    expect((await sequelize.query('PRAGMA journal_mode'))[0]).toEqual([{ journal_mode: 'wal' }])
  })
  it('reads the units it was told to read first, from its opening on', async () => {
    await keepUnitOrder('inches', at())
    showUnits('metric')
    await closeDatabase()
    await openDatabase()
    expect(shownUnits()).toBe('inches')
    await keepUnitOrder('metric', at())
    expect(shownUnits()).toBe('metric')
  })
  it('reads the words of the trade it was told to read, from its opening on', async () => {
    await keepTongue('american', at())
    showTongue('british')
    await closeDatabase()
    await openDatabase()
    expect(shownTongue()).toBe('american')
    await keepTongue('british', at(1))
    expect(shownTongue()).toBe('british')
  })
  it('takes a failed write back whole, and goes on', async () => {
    await nameWorkshop('Withy Creek', at())
    await expect(
      write(async (tables, transaction) => {
        await tables.workshops.update({ name: 'Half' }, { where: {}, transaction })
        throw new Error('power cut')
      }),
    ).rejects.toThrow('power cut')
    expect(await workshopName()).toBe('Withy Creek')
  })
  it('is opened again with all that was in it', async () => {
    const job = await benchedJob()
    await closeDatabase()
    expect(await loadJob(job.slug)).toEqual(job)
  })
})

describe('pictures', () => {
  const drawing = (format: 'png' | 'jpeg' | 'webp' | 'tiff' | 'gif') =>
    sharp({ create: { width: 60, height: 30, channels: 3, background: '#777' } })
      .toFormat(format)
      .toBuffer()
  it.each(['png', 'jpeg', 'webp', 'tiff'] as const)(
    '%s is kept, known by its content, once',
    async (format) => {
      const bytes = await drawing(format)
      const id = await keepPicture(bytes, 'anything.txt', at())
      expect(await keepPicture(bytes, 'again', at())).toBe(id)
      expect(await pictureDetails([id])).toEqual([{ id, widthPx: 60, heightPx: 30 }])
      expect((await sharp(await pictureFile(id, 'thumb')).metadata()).format).toBe('webp')
      expect(existsSync(path.join(dataFolder(), 'pictures', id, `original.${format}`))).toBe(true)
    },
  )
  it('turned by the camera stands upright', async () => {
    const id = await keepPicture(
      await sharp(await drawing('jpeg'))
        .withMetadata({ orientation: 6 })
        .toBuffer(),
      'a',
      at(),
    )
    expect(await pictureDetails([id])).toEqual([{ id, widthPx: 30, heightPx: 60 }])
  })
  it('refuses what is none, what is damaged, and what claims too many pixels; nothing stays behind', async () => {
    const damaged = (await drawing('png')).subarray(0, 70)
    const bomb = Buffer.from(await drawing('png'))
    bomb.writeUInt32BE(60_000, 16)
    bomb.writeUInt32BE(60_000, 20)
    for (const bytes of [Buffer.from('hello'), damaged, await drawing('gif'), Buffer.alloc(0), bomb])
      await expect(keepPicture(bytes, 'a.png', at())).rejects.toMatchObject({
        problems: [expect.objectContaining({ field: 'picture' })],
      })
    expect(
      existsSync(path.join(dataFolder(), 'pictures')) ? readdirSync(path.join(dataFolder(), 'pictures')) : [],
    ).toEqual([])
  })
})

describe('the morning', () => {
  it('keeps every reading and shows the newest', async () => {
    expect(await latestMorning()).toBeNull()
    const readings = { roomC: 15, humidityPercent: null, sheetGrams: null, sheetJobId: null }
    await keepMorning(readings, at())
    await keepMorning({ ...readings, roomC: 18 }, at(1))
    expect(await latestMorning()).toEqual({ at: at(1), readings: { ...readings, roomC: 18 } })
    await expect(keepMorning({ ...readings, roomC: Number.NaN }, at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['roomC'] })],
    })
  })
})

describe('the store', () => {
  it('reckons a press’s lead from its thread, and keeps when it was zeroed', async () => {
    const press = { name: 'Étau', thread: '1/2-13', rollerRadiusMm: 45, bedWidthMm: 400, note: '' }
    await addPress(press)
    await enterPressEvent('etau', { kind: 'zeroed' }, 'Ada', at())
    expect((await loadStore()).presses).toMatchObject([
      { id: 'etau', scale: { id: 'turns', mmPerUnit: 25.4 / 13 }, zeroedAt: at() },
    ])
    await expect(addPress({ ...press, thread: 'M17' })).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'thread' })],
    })
    await expect(enterPressEvent('nobody', { kind: 'zeroed' }, 'Ada', at())).rejects.toThrow(
      'not in this workshop',
    )
  })
  it('gives two papers of one name two ids', async () => {
    const paper = {
      name: 'Heron',
      gsm: 300,
      caliperMm: 0.5,
      sheetWidthMm: 300,
      sheetHeightMm: 250,
      grain: 'long' as const,
      sheetsReceived: 5,
      note: '',
    }
    for (let i = 0; i < 2; i++) await addPaper(paper, new Array<number>(36).fill(0.9))
    expect((await loadStore()).papers.map(({ id }) => id)).toEqual(['heron', 'heron-2'])
    await expect(addPaper({ ...paper, gsm: -1 }, [])).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['gsm'] })],
    })
  })
})

describe('a job as a file', () => {
  it('comes in again equal, beside the one it came from', async () => {
    const job = await pull(await approvedJob(1), 'e1', 'edition', 'accepted')
    await giveNumbers(
      job.id,
      job.revision,
      {
        sorted: [
          { pullId: 'e1', kind: 'edition' },
          { pullId: 'proof-1', kind: 'BAT' },
        ],
        style: 'arabic',
      },
      at(9),
    )
    const file = await exportJob(job.slug, at(20))
    const slug = await importJob(JSON.parse(JSON.stringify(file)))
    expect(slug).toBe('mooring-posts-2')
    expect(await exportJob(slug, at(20))).toEqual(file)
    expect((await loadJob(slug)).bats[0].runs[0].tolerances).toEqual(usualTolerances(sampleSettings))
  })
  it('refused is refused whole', async () => {
    const job = await benchedJob()
    const file = await exportJob(job.slug, at(20))
    await expect(
      importJob({ ...file, plateStates: [...file.plateStates, ...file.plateStates] }),
    ).rejects.toThrow()
    await expect(loadJob('mooring-posts-2')).rejects.toThrow('not in this workshop')
  })
})
