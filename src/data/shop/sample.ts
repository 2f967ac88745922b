import { existsSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import path from 'node:path'
import { QueryTypes, Sequelize, type Transaction } from 'sequelize'
import { deleteDangling } from '../database/dangling'
import { openDatabase, write } from '../database/database'
import { dataFolder } from '../database/dataFolder'
import { FieldError } from '../database/errors'

/** The sample as it was laid out: what it brought is known by it. */
const SAMPLE = 'sample.sqlite'
/** What is the workshop’s own whatever lies in it. */
const OWN = new Set(['migrations', 'acts', 'workshops', 'unit_orders', 'tongues', 'people', 'mornings'])
/** Tables that say how a job is worked: what they speak of is in use. */
const SPEAKING: readonly (readonly [table: string, column: string])[] = [
  ['runs', 'bench'],
  ['pulls', 'settings'],
  ['withdrawn_pulls', 'settings'],
  ['bats', 'runs'],
  ['pull_events', 'event'],
  ['artworks', 'artwork'],
  ['plate_states', 'imageId'],
  ['given_sheets', 'imageId'],
  ['bite_plans', 'stripId'],
  ['zone_maps', 'map'],
  ['pressure_trials', 'pressId'],
  ['drying_loads', 'placeId'],
]
/** What speaks of shelves and is of no job. */
const OF_NO_JOB: readonly (readonly [table: string, column: string])[] = [
  ['packs', 'blanketIds'],
  ['card_versions', 'mix'],
]
/** What stands on the shelf, and may be in use by jobs that are not the sample’s. */
const SHELF = new Set([
  'inks',
  'papers',
  'presses',
  'packs',
  'blankets',
  'cards',
  'baths',
  'images',
  'procedures',
  'bite_strips',
  'drying_places',
])

type Row = Record<string, unknown>
const samplePath = () => path.join(dataFolder(), SAMPLE)

const select = <R extends object = Row>(
  from: Sequelize,
  sql: string,
  transaction?: Transaction,
  ...said: unknown[]
) => from.query<R>(sql, { type: QueryTypes.SELECT, transaction, replacements: said })

/** Reads a database file that nobody has open. */
async function reading<T>(file: string, act: (sample: Sequelize) => Promise<T>): Promise<T> {
  const sample = new Sequelize({ dialect: 'sqlite', storage: file, logging: false })
  try {
    return await act(sample)
  } finally {
    await sample.close()
  }
}

const tablesOf = async (of: Sequelize, transaction?: Transaction) =>
  (
    await select<{ name: string }>(
      of,
      "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'",
      transaction,
    )
  ).map(({ name }) => name)

/** Columns that tell a table’s rows apart. */
const keysOf = async (of: Sequelize, table: string, transaction?: Transaction) =>
  (await select<{ name: string; pk: number }>(of, `PRAGMA table_info("${table}")`, transaction))
    .filter(({ pk }) => pk > 0)
    .map(({ name }) => name)

/** Whether the sample lies in this workshop, where earlier releases laid it out, and can be taken away again. */
export const hasSample = (): boolean => existsSync(samplePath())

/** All that jobs which stay say, in one text: what it names is in use. */
async function saidBy(
  of: Sequelize,
  sampleJobs: readonly unknown[],
  transaction: Transaction,
): Promise<string> {
  const said: string[] = []
  const add = async (sql: string, ...asked: unknown[]) => {
    const rows = await select<{ said: unknown }>(of, sql, transaction, ...asked)
    // Quoted, as documents have it: a column may hold an id by itself.
    said.push(...rows.map((row) => `"${String(row.said)}"`))
  }
  for (const [table, column] of SPEAKING)
    await add(
      `SELECT "${column}" AS said FROM "${table}" WHERE jobId IS NULL OR jobId NOT IN (?)`,
      sampleJobs,
    )
  for (const [table, column] of OF_NO_JOB) await add(`SELECT "${column}" AS said FROM "${table}"`)
  return said.join('\n')
}

/**
 * Takes the sample away again, and all that was done on its jobs; what jobs of one’s own use of its shelves stays. All of it, or nothing.
 *
 * @throws FieldError when there is no sample
 */
export async function takeSampleAway(): Promise<void> {
  if (!hasSample()) throw new FieldError([{ field: '', message: 'There is no sample in this workshop.' }])
  const gone = await reading(samplePath(), (sample) =>
    write(async (_tables, transaction) => {
      const { sequelize } = await openDatabase()
      await sequelize.query('PRAGMA defer_foreign_keys = ON', { transaction })
      const jobs = (await select<{ id: string }>(sample, 'SELECT id FROM jobs')).map(({ id }) => id)
      // Packs speak of blankets: which of them stay is known once the others are gone.
      const tables = (await tablesOf(sample)).filter((table) => !OWN.has(table))
      const ordered = ['jobs', ...tables.filter((table) => table !== 'jobs' && !SHELF.has(table)), 'packs']
      const rest = tables.filter((table) => !ordered.includes(table))
      for (const table of [...ordered, ...rest]) {
        const keys = await keysOf(sample, table)
        const said = SHELF.has(table) ? await saidBy(sequelize, jobs, transaction) : ''
        for (const row of await select(sample, `SELECT * FROM "${table}"`)) {
          // By its id, or as it is called: settings say blankets as layers.
          if (SHELF.has(table) && [row.id, row.name].some((one) => said.includes(`"${String(one)}"`)))
            continue
          await sequelize.query(
            `DELETE FROM "${table}" WHERE ${keys.map((one) => `"${one}" = ?`).join(' AND ')}`,
            { transaction, replacements: keys.map((one) => row[one]) },
          )
        }
      }
      await deleteDangling(sequelize, transaction)
      await forgetNames(sample, sequelize, transaction)
      const pictures = await select<{ id: string }>(sample, 'SELECT id FROM images')
      const kept = new Set(
        (await select<{ id: string }>(sequelize, 'SELECT id FROM images', transaction)).map(({ id }) => id),
      )
      return pictures.map(({ id }) => id).filter((id) => !kept.has(id))
    }),
  )
  await rm(samplePath(), { force: true })
  for (const id of gone) await rm(path.join(dataFolder(), 'pictures', id), { recursive: true, force: true })
}

/** The sample’s people go where nobody’s work bears their name, its morning, and the workshop’s name where it is still the sample’s. */
async function forgetNames(sample: Sequelize, from: Sequelize, transaction: Transaction): Promise<void> {
  const bearing: string[] = []
  for (const table of await tablesOf(from, transaction)) {
    const columns = await select<{ name: string }>(from, `PRAGMA table_info("${table}")`, transaction)
    if (columns.map(({ name }) => name).includes('byId')) bearing.push(table)
  }
  for (const { id } of await select<{ id: string }>(sample, 'SELECT id FROM people')) {
    const inUse = bearing.map((table) => `SELECT 1 FROM "${table}" WHERE byId = :id`).join(' UNION ALL ')
    await from.query(`DELETE FROM people WHERE id = :id AND NOT EXISTS (${inUse})`, {
      transaction,
      replacements: { id },
    })
  }
  for (const row of await select<{ id: number; at: string }>(sample, 'SELECT id, at FROM mornings'))
    await from.query('DELETE FROM mornings WHERE id = ? AND at = ?', {
      transaction,
      replacements: [row.id, row.at],
    })
  for (const row of await select<{ id: number; name: string }>(sample, 'SELECT id, name FROM workshops'))
    await from.query('DELETE FROM workshops WHERE id = ? AND name = ?', {
      transaction,
      replacements: [row.id, row.name],
    })
}
