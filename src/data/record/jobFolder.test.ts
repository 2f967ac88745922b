import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { gunzipSync } from 'node:zlib'
import JSZip from 'jszip'
import { QueryTypes } from 'sequelize'
import sharp from 'sharp'
import { expect, it } from 'vitest'
import { layDownSchema } from '@/core/edition/layDown'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { picturesNamedIn } from '@/core/record/picturesNamed'
import { keepPicture, originalFile } from '../across/images'
import { layDown } from '../across/layDowns'
import { closeDatabase, openDatabase } from '../database/database'
import { dataFolder } from '../database/dataFolder'
import { checkDatabase } from '../database/snapshot'
import { createJob, listJobs, loadJob, saveStation } from '../shop/jobs'
import { at, newPull, openWorkshop } from '../shop/workshop.test.fixture'
import { packJob, unpackJob } from './jobFolder'

openWorkshop()

/** Tables a job folder does not carry, and why. */
const LEFT: Record<string, string> = {
  migrations: 'of the database itself',
  workshops: 'the workshop’s own name',
  unit_orders: 'which units that workshop reads first',
  tongues: 'whose words that workshop reads',
  mornings: 'the weather there',
  calibrations: 'the other workshop’s oil and plates',
  procedures: 'a making carries the procedure it follows',
  queues: 'of open days, and of no job',
  put_away: 'what that workshop does not offer to its jobs',
  stock_moves: 'how many sheets lie in another workshop’s drawers',
  drying_places: 'places of that room',
  drying_loads: 'what lies in places of that room',
  drying_changes: 'what lies in places of that room',
  desk_meetings: 'a meeting under way at a desk there',
  people: 'names stand beside what was done',
  acts: 'keys of devices there',
  unlocks: 'the kept workshop has none; signed.test takes one along',
  batches: 'pots that stand in that workshop',
  images: 'compared as pictures',
  jobs: 'compared by their files',
  set_aside: 'compared by the job file',
}
/** Columns that are another’s in another workshop. */
const OWN = new Set([
  'jobId',
  'byId',
  'id',
  'dayId',
  'makingId',
  'sheetsReceived',
  'imageId',
  'fromJobId',
  'fromPullId',
])
/** Columns that are of the file rather than of the job: when it was written, and how prints were sorted before their numbers. */
const OF_FILE: Record<string, readonly string[] | undefined> = {
  colle_pieces: ['at'],
  sortings: ['at', 'numbering'],
}
/** Tables whose rows are known by an id that stays. */
const BY_ID = new Set([
  'papers',
  'presses',
  'packs',
  'blankets',
  'baths',
  'cards',
  'bite_strips',
  'inks',
  'pulls',
  'withdrawn_pulls',
])

/** A document with its keys in one order. */
function sorted(one: unknown): unknown {
  if (Array.isArray(one)) return one.map(sorted)
  if (typeof one !== 'object' || one === null) return one
  return Object.fromEntries(
    Object.entries(one)
      .sort(([a], [b]) => a.localeCompare(b))
      .map(([key, each]) => [key, sorted(each)]),
  )
}

async function everything(): Promise<Record<string, string[]>> {
  const { sequelize } = await openDatabase()
  const select = (sql: string) => sequelize.query<Record<string, unknown>>(sql, { type: QueryTypes.SELECT })
  const tables = await select(
    "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'",
  )
  return Object.fromEntries(
    await Promise.all(
      tables.map(async ({ name }) => {
        const table = String(name)
        const rows = await select(`SELECT * FROM "${table}"`)
        const plain = rows.map((row) =>
          JSON.stringify(
            Object.entries(row)
              .filter(([column]) => !OF_FILE[table]?.includes(column))
              .filter(([column]) => !OWN.has(column) || (column === 'id' && BY_ID.has(table)))
              .map(([column, value]) => {
                // Documents are written anew in today's shape, their keys in whatever order.
                if (typeof value !== 'string' || !/^[[{]/.test(value)) return [column, value]
                return [column, sorted(JSON.parse(value))]
              })
              .sort(([a], [b]) => String(a).localeCompare(String(b))),
          ),
        )
        return [table, plain.sort()] as const
      }),
    ),
  )
}

it('carries every table of what the jobs of a whole workshop need, or says why not', async () => {
  const first = dataFolder()
  const database = gunzipSync(
    readFileSync(path.join(import.meta.dirname, '../database/migrations/releases/release-11.sqlite.gz')),
  )
  writeFileSync(path.join(first, 'typothesis.sqlite'), database)
  // The kept database has no picture files: any picture will do for the journey.
  const { tables } = await openDatabase()
  const png = await sharp({ create: { width: 9, height: 9, channels: 3, background: '#123' } })
    .png()
    .toBuffer()
  for (const row of await tables.images.findAll()) {
    const folder = path.join(first, 'pictures', String(row.get('id')))
    mkdirSync(folder, { recursive: true })
    writeFileSync(path.join(folder, `original.${String(row.get('format'))}`), png)
  }
  const { sequelize } = await openDatabase()
  // A picture's name is its bytes': those that documents name are one that can travel.
  const picture = await keepPicture(png, 'artwork', at())
  await sequelize.query(
    "UPDATE pull_events SET event = json_set(event, '$.scan.imageId', ?) WHERE json_type(event, '$.scan.imageId') = 'text'",
    { replacements: [picture] },
  )
  await sequelize.query("UPDATE artworks SET artwork = json_set(artwork, '$.imageId', ?)", {
    replacements: [picture],
  })
  // The kept database has a card that no job is mixed from.
  await sequelize.query(
    "UPDATE runs SET bench = json_set(bench, '$.ink.mixes[0].card', json_object('id', (SELECT id FROM cards), 'version', 1, 'isChanged', json('true'))) WHERE rowid = (SELECT min(rowid) FROM runs WHERE json_type(bench, '$.ink.mixes[0]') IS NOT NULL)",
  )
  const before = await everything()
  const slugs = (await listJobs()).map(({ slug }) => slug)
  const folders = []
  for (const slug of slugs) folders.push(await packJob(slug, {}, at(80)))
  await closeDatabase()
  const second = mkdtempSync(path.join(tmpdir(), 'typothesis-data-'))
  process.env.TYPOTHESIS_DATA = second
  try {
    for (const bytes of folders) await unpackJob(bytes, at(90))
    const after = await everything()
    for (const [table, rows] of Object.entries(before)) {
      if (table in LEFT) continue
      // A table nobody has a row of would prove nothing.
      expect(rows.length, table).toBeGreaterThan(0)
      // A shelf carries what jobs name, and all of that as it was.
      const there = after[table].filter((row) => !rows.includes(row))
      expect(there, table).toEqual([])
      expect(after[table].length, table).toBeGreaterThan(0)
    }
    for (const table of [
      'artworks',
      'bite_plans',
      'ink_weighings',
      'pressure_trials',
      'days',
      'day_events',
      'makings',
      'zone_maps',
      'pulls',
      'bath_uses',
    ])
      expect(after[table].length, table).toBe(before[table].length)
    await checkDatabase(path.join(second, 'typothesis.sqlite'))
    await closeDatabase()
  } finally {
    rmSync(second, { recursive: true, force: true })
    process.env.TYPOTHESIS_DATA = first
  }
})

it('takes the pictures of lay-downs along, and gives away no place or serial number that an earlier release kept', async () => {
  const { id, slug } = await createJob({ title: 'Tide marks', artist: 'Bryn Ash', purpose: 'unique' }, at())
  let revision = 0
  for (const station of ['ink', 'paper', 'press'] as const)
    revision = await saveStation(id, revision, station, sampleSettings[station], at())
  revision = await saveStation(id, revision, 'plate', { ...sampleSettings.plate, kind: 'slab' }, at())
  const telling = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#2a5' } })
    .withExif({ IFD2: { BodySerialNumber: 'SN-4471-K' } })
    .jpeg()
    .toBuffer()
  const imageId = await keepPicture(telling, 'print.jpg', at())
  expect(readFileSync(await originalFile(imageId)).includes('SN-4471-K')).toBe(false)
  // As an earlier release kept it, under the name its bytes had then.
  writeFileSync(await originalFile(imageId), telling)
  await layDown(
    id,
    revision,
    {
      print: { is: 'new', pull: newPull('first', 'edition') },
      laid: layDownSchema.parse({
        number: 1,
        way: 'slab',
        tool: 'rolled',
        inks: [
          {
            name: 'Ochre',
            parts: [{ inkId: 'ochre', name: 'Ochre', parts: 1 }],
            micrometres: 5,
            place: 'all',
            area: '',
          },
        ],
        imageId,
      }),
      by: 'Bryn Ash',
    },
    at(1),
  )
  const zip = await packJob(slug, {}, at(2))
  const inside = await JSZip.loadAsync(zip)
  const pictures = Object.keys(inside.files).filter((name) => name.startsWith('pictures/') && name.length > 9)
  expect(pictures).toEqual([`pictures/${imageId}`])
  expect((await inside.file(pictures[0])!.async('nodebuffer')).includes('SN-4471-K')).toBe(false)
  const first = dataFolder()
  await closeDatabase()
  const second = mkdtempSync(path.join(tmpdir(), 'typothesis-data-'))
  process.env.TYPOTHESIS_DATA = second
  try {
    const there = await loadJob(await unpackJob(zip, at(3)))
    const named = picturesNamedIn(there.pulls)
    expect(named).toHaveLength(1)
    expect(readFileSync(await originalFile(named[0])).length).toBeGreaterThan(0)
    await closeDatabase()
  } finally {
    rmSync(second, { recursive: true, force: true })
    process.env.TYPOTHESIS_DATA = first
  }
})
