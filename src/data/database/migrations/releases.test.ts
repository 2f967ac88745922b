import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { gunzipSync } from 'node:zlib'
import { QueryTypes, Sequelize } from 'sequelize'
import { describe, expect, it } from 'vitest'
import { pullEventSchema } from '@/core/edition/pull'
import { openDatabase } from '../database'
import { dataFolder } from '../dataFolder'
import { exportJob, importJob } from '../../record/jobFiles'
import { listJobs, loadJob } from '../../shop/jobs'
import { loadStore } from '../../shop/store'
import { openWorkshop } from '../../shop/workshop.test.fixture'

openWorkshop()

const FIRST_JOBS = ['mooring-posts', 'samphire', 'the-pilot-s-window']
/** Demo databases as released versions laid them out, and the jobs each has. */
const RELEASES: [string, string[]][] = [
  ['release-1', FIRST_JOBS],
  ['release-2', FIRST_JOBS],
  ['release-3', [...FIRST_JOBS, 'two-tides']],
  ['release-4', [...FIRST_JOBS, 'two-tides']],
  ['release-5', [...FIRST_JOBS, 'two-tides']],
  ['release-6', [...FIRST_JOBS, 'two-tides']],
  ['release-7', [...FIRST_JOBS, 'two-tides']],
  ['release-8', [...FIRST_JOBS, 'two-tides']],
  ['release-9', [...FIRST_JOBS, 'two-tides']],
  ['release-10', [...FIRST_JOBS, 'two-tides']],
  ['release-11', [...FIRST_JOBS, 'two-tides']],
  ['release-12', [...FIRST_JOBS, 'two-tides']],
]

const NEWEST = RELEASES.at(-1)![0]

function unpack(release: string): string {
  const file = path.join(dataFolder(), 'typothesis.sqlite')
  mkdirSync(dataFolder(), { recursive: true })
  writeFileSync(
    file,
    gunzipSync(readFileSync(path.join(import.meta.dirname, 'releases', `${release}.sqlite.gz`))),
  )
  return file
}

/** All rows of all tables as they are on the disk, by table. */
async function everything(sequelize: Sequelize): Promise<Record<string, Record<string, unknown>[]>> {
  const names = await sequelize.query<{ name: string }>(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name <> 'migrations'",
    { type: QueryTypes.SELECT },
  )
  const rows = await Promise.all(
    names.map(
      async ({ name }) =>
        [
          name,
          await sequelize.query<Record<string, unknown>>(`SELECT * FROM "${name}" ORDER BY rowid`, {
            type: QueryTypes.SELECT,
          }),
        ] as const,
    ),
  )
  return Object.fromEntries(rows)
}

/** What a row became where a column gave way to another, or a kind was called otherwise: how the prints vary is part of what a job is for. */
function carried(table: string, row: Record<string, unknown>): Record<string, unknown> {
  if (table === 'runs' && row.kind === 'hand') return { ...row, kind: 'colouring' }
  if (table !== 'jobs' || row.variation === undefined) return row
  const { variation, ...rest } = row
  return { ...rest, purpose: variation === 'alike' ? 'edition' : variation }
}

describe.each(RELEASES)('the demo database of %s', (release, slugs) => {
  it('comes up to today without losing or changing a value', async () => {
    const before = new Sequelize({ dialect: 'sqlite', storage: unpack(release), logging: false })
    const then = await everything(before)
    await before.close()
    expect(Object.values(then).reduce((sum, rows) => sum + rows.length, 0)).toBeGreaterThan(100)
    const now = await everything((await openDatabase()).sequelize)
    // As it was, it lies beside: what the change did can be gone back on.
    const backups = path.join(dataFolder(), 'backups')
    if (release === NEWEST) return expect(existsSync(backups)).toBe(false)
    const kept = readdirSync(backups)
    expect(kept).toHaveLength(1)
    const copy = new Sequelize({
      dialect: 'sqlite',
      storage: path.join(backups, kept[0]),
      logging: false,
    })
    expect(await everything(copy)).toEqual(then)
    await copy.close()
    for (const [table, rows] of Object.entries(then)) {
      expect(now[table], table).toHaveLength(rows.length)
      rows.forEach((row, i) => expect(now[table][i], table).toMatchObject(carried(table, row)))
    }
  })
  it('is read whole: every job, with its BAT as it was, and the store', async () => {
    unpack(release)
    const jobs = await listJobs()
    expect(jobs.map(({ slug }) => slug).sort()).toEqual(slugs.toSorted())
    for (const { slug } of jobs) {
      const job = await loadJob(slug)
      expect(job.pulls.length).toBeGreaterThan(0)
      expect(job.runs[0].bench.wipe).toMatchObject({ inking: [], zoneMapVersion: null })
    }
    expect((await loadStore()).inks.length).toBeGreaterThan(10)
  })
  it('gives job files that come in again', async () => {
    unpack(release)
    const file = await exportJob('mooring-posts', '2031-05-02T09:00:00.000Z')
    const slug = await importJob(JSON.parse(JSON.stringify(file)))
    expect((await exportJob(slug, '2031-05-02T09:00:00.000Z')).pulls).toEqual(file.pulls)
  })
})

describe('the newest kept database', () => {
  it('holds an event of every kind, and one of every document and table', async () => {
    unpack(NEWEST)
    const { sequelize, tables } = await openDatabase()
    const kinds = await sequelize.query<{ kind: string }>(
      "SELECT DISTINCT json_extract(event, '$.kind') AS kind FROM pull_events",
      { type: QueryTypes.SELECT },
    )
    const known = pullEventSchema.options.map(({ shape }) => shape.kind.value)
    expect(kinds.map(({ kind }) => kind).sort()).toEqual([...known].sort())
    const rows = await everything(sequelize)
    // What only comes in from elsewhere, what is there while numbers are taken back, and what is let go of after a while.
    const none = ['set_aside', 'unlocks', 'acts']
    for (const name of Object.keys(tables).filter((one) => !none.includes(one)))
      expect(rows[name].length, name).toBeGreaterThan(0)
  })
})
