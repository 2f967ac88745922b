import { DataTypes, type ModelAttributes } from 'sequelize'
import { describe, expect, it } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { openDatabase } from './database'
import { DOCUMENTS, PLAIN_LISTS } from './documents'
import { exportJobFile, importJob } from '../record/jobFiles'
import { loadJob, saveStation } from '../shop/jobs'
import { MIGRATIONS } from './migrations/migrations'
import { sumOfColumns } from './migrations/migration'
import { syncDesk } from '../across/desk'
import { readKept } from './readRows'
import type { TableName } from './tables'
import { approvedJob, at, benchedJob, openWorkshop, pull } from '../shop/workshop.test.fixture'

openWorkshop()

type Loose = Record<string, unknown>
const copyOf = async (slug: string) =>
  JSON.parse(JSON.stringify(await exportJobFile(slug, at(90)))) as Loose & {
    runs: { bench: Loose }[]
    pulls: (Loose & { settings: Loose & { press: Loose }; events: { event: Loose }[] })[]
    bats: { runs: { settings: Loose }[] }[]
  }

describe('what the database keeps as documents', () => {
  const jsonColumns = Object.entries(sumOfColumns(MIGRATIONS)).flatMap(([table, columns]) =>
    Object.entries(columns as ModelAttributes)
      .filter(([, column]) => (column as { type: unknown }).type === DataTypes.JSON)
      .map(([column]) => [table, column] as const),
  )
  it.each(jsonColumns)('%s.%s has a kind with versions, or is a plain list', (table, column) => {
    const name = table as TableName
    const isDocument = column in (DOCUMENTS[name] ?? {})
    const isList = PLAIN_LISTS[name]?.includes(column) ?? false
    expect([isDocument, isList].filter(Boolean)).toHaveLength(1)
  })
  it('lies there with its version, and is read without it', async () => {
    const job = await pull(await benchedJob(), 'a')
    const { sequelize } = await openDatabase()
    const [[{ hands, settings }]] = (await sequelize.query('SELECT hands, settings FROM pulls')) as [
      { hands: string; settings: string }[],
      unknown,
    ]
    expect(JSON.parse(hands)).toMatchObject({ version: 1, inked: 'Ida Quill' })
    expect(JSON.parse(settings)).toMatchObject({ version: 3 })
    expect(job.pulls[0].hands).toEqual({ inked: 'Ida Quill', wiped: 'Ida Quill', laid: 'Tam Brocket' })
  })
  it('is never written with what its shape does not know, nor into a column that is not there', async () => {
    const { tables } = await openDatabase()
    const odd = { ...sampleSettings, mood: 'fine' }
    await expect(tables.pulls.update({ settings: odd }, { where: {} })).rejects.toThrow('mood')
    await expect(tables.jobs.update({ mood: 'fine' } as object, { where: {} })).rejects.toThrow(
      'the table jobs has no column mood',
    )
    await expect(tables.mornings.bulkCreate([{ at: at(), mood: 1 } as never])).rejects.toThrow(
      'no column mood',
    )
  })
  it('is brought up when it is read, and its row stays as it was', async () => {
    const job = await benchedJob()
    const { sequelize, tables } = await openDatabase()
    const old = {
      ...sampleSettings,
      version: 1,
      ink: sampleSettings.ink.mixes.map(({ id: _, ...mix }) => mix)[0],
      press: (({ scale: _, laterPasses: __, readingLeft, readingRight, ...press }) => ({
        ...press,
        mmPerTurn: 2,
        turnsLeft: readingLeft,
        turnsRight: readingRight,
      }))(sampleSettings.press),
    }
    await sequelize.query('UPDATE runs SET bench = ?', { replacements: [JSON.stringify(old)] })
    expect((await loadJob(job.slug)).runs[0].bench).toEqual(sampleSettings)
    const [{ row }] = await readKept(tables.runs, {})
    expect(row.bench).toEqual(sampleSettings)
    const [[{ bench }]] = (await sequelize.query('SELECT bench FROM runs')) as [{ bench: string }[], unknown]
    expect(JSON.parse(bench)).toEqual(old)
  })
})

describe('where settings come from', () => {
  it('is kept with them and with the pulls made from them, and goes when a value changes without a word', async () => {
    const job = await benchedJob()
    const { press } = sampleSettings
    let revision = job.revision
    const set = async (patch: Partial<typeof press>, origins = {}) =>
      (revision = await saveStation(job.id, revision, 'press', { ...press, ...patch }, at(), origins))
    await set({ readingLeft: 2 }, { readingLeft: 'typed', passes: 'default' })
    const pulled = await pull(await loadJob(job.slug), 'a')
    expect(pulled.pulls[0].settings.origins).toEqual({
      'press.readingLeft': 'typed',
      'press.passes': 'default',
    })
    revision = pulled.revision
    await set({ readingLeft: 2.5 })
    expect((await loadJob(job.slug)).runs[0].bench.origins).toEqual({ 'press.passes': 'default' })
    await expect(set({}, { passes: 'guessed' })).rejects.toThrow()
  })
})

describe('a job file of another release', () => {
  it('comes in and goes out with all it held, known or not', async () => {
    const { slug } = await pull(await approvedJob(), 'e1', 'edition', 'accepted')
    const file = await copyOf(slug)
    file.weather = 'fog'
    file.runs[0].bench.lamp = 'north'
    file.pulls[0].settings.press.brake = { on: true }
    file.pulls[1].events[0].event.sureness = 0.4
    file.bats[0].runs[0].settings.light = 5000
    file.pulls[1].events.push({
      event: { kind: 'smell', of: 'linseed' },
      at: at(40),
      by: 'Tam Brocket',
      why: null,
    } as never)
    const brought = await importJob(structuredClone(file))
    expect(await copyOf(brought)).toEqual(file)
    const job = await loadJob(brought)
    expect(job.runs[0].bench).not.toHaveProperty('lamp')
    expect(job.pulls[1].events.at(-1)).toMatchObject({
      event: { kind: 'later', was: 'smell' },
      by: 'Tam Brocket',
    })
    // And once more, from there.
    expect(await copyOf(await importJob(await copyOf(brought)))).toEqual(file)
  })
  it('of the first version comes in brought up', async () => {
    const { slug } = await pull(await approvedJob(), 'e1', 'edition', 'accepted')
    const file = await copyOf(slug)
    const older = (settings: Loose) => {
      const { ink, press, ...rest } = settings as { ink: { mixes: Loose[] }; press: Loose }
      const {
        scale: _,
        laterPasses: ___,
        readingLeft: turnsLeft,
        readingRight: turnsRight,
        ...pressRest
      } = press
      const { id: __, ...mix } = ink.mixes[0]
      return { ...rest, version: 1, ink: mix, press: { ...pressRest, mmPerTurn: 2, turnsLeft, turnsRight } }
    }
    const first = {
      ...file,
      version: 1,
      runs: file.runs.map((run) => ({ ...run, bench: older(run.bench) })),
      pulls: file.pulls.map((one) => ({ ...one, settings: older(one.settings) })),
      bats: file.bats.map((bat) => ({
        ...bat,
        runs: bat.runs.map((run) => ({ ...run, settings: older(run.settings) })),
      })),
    }
    expect(await copyOf(await importJob(first))).toEqual(file)
  })
  it('later than this one is refused in words', async () => {
    const file = await copyOf((await benchedJob()).slug)
    await expect(importJob({ ...file, version: 9 })).rejects.toThrow('version 9 is from a later Typothesis')
    await expect(importJob({ ...file, runs: [{ ...file.runs[0], bench: { version: 7 } }] })).rejects.toThrow(
      'version 7 is from a later Typothesis',
    )
  })
})

describe('a desk of another release', () => {
  it('is heard: what it says more is kept, and goes out again', async () => {
    const job = await approvedJob()
    const entry = {
      kind: 'pull',
      id: 'desk-1',
      pullKind: 'edition',
      runPosition: 0,
      pulledAt: at(30),
      zone: 'Europe/Lisbon',
      estimated: false,
      hands: { inked: null, wiped: null, laid: null },
      settings: { ...sampleSettings, lamp: 'north' },
      batVersion: 1,
      events: [
        { kind: 'eye', reading: 'same', sureness: 0.4 },
        { kind: 'smell', of: 'linseed' },
      ],
      by: 'Ida Quill',
    }
    expect((await syncDesk(job.slug, { entries: [entry] }, at(31)))[0].outcome).toBe('kept')
    const { settings, events } = (await copyOf(job.slug)).pulls.at(-1)!
    expect(settings).toEqual({ ...sampleSettings, lamp: 'north' })
    expect(events.map(({ event }) => event)).toEqual(entry.events)
  })
})
