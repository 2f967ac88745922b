import { AsyncLocalStorage } from 'node:async_hooks'
import { existsSync, mkdirSync } from 'node:fs'
import path from 'node:path'
import { showUnits, UNIT_ORDER_KEYS } from '@/core/units/shownUnits'
import { showTongue, TRADE_TONGUE_KEYS } from '@/core/units/tradeWords'
import { Sequelize, Transaction } from 'sequelize'
import { dataFolder } from './dataFolder'
import { bringUp } from './migrations/migration'
import { MIGRATIONS } from './migrations/migrations'
import { driver } from './driver'
import { snapshot } from './snapshot'
import { defineTables, type Tables } from './tables'
import { inWords, refuseDamaged, refuseMissing } from './trouble'

/** An open database. */
export interface Database {
  sequelize: Sequelize
  tables: Tables
  /** what was read of jobs, by what it is and by job, with where their rows stood: see `remembered` */
  memory: Map<string, unknown>
}

interface Held {
  file: string
  database: Promise<Database>
}

/** The framework bundles a module several times; the connection is one for the whole process, so it hangs on the process. */
const process_ = globalThis as typeof globalThis & {
  typothesisDatabase?: Held
  typothesisWrites?: Promise<unknown>
  typothesisWriting?: AsyncLocalStorage<{ tables: Tables; transaction: Transaction }>
}
/** The write under way, as seen from within it. */
const writing = (process_.typothesisWriting ??= new AsyncLocalStorage())

/** Acts are remembered longer than any device waits to send one again. */
const FORGET_OLD_ACTS = "DELETE FROM acts WHERE at < strftime('%Y-%m-%dT%H:%M:%fZ', 'now', '-60 days')"

/** Keeps the database as it is before its shape is changed; what was kept before the same change stays, since it was cut off then. */
async function keepBefore(sequelize: Sequelize, file: string, change: string): Promise<void> {
  const copy = path.join(path.dirname(file), 'backups', `before-${change}.sqlite`)
  if (!existsSync(copy)) await snapshot(sequelize, copy)
}

async function open(file: string): Promise<Database> {
  mkdirSync(path.dirname(file), { recursive: true })
  refuseMissing(file)
  const sequelize = new Sequelize({ dialect: 'sqlite', dialectModule: driver, storage: file, logging: false })
  try {
    await refuseDamaged(sequelize, file)
    await bringUp(sequelize, MIGRATIONS, (change) => keepBefore(sequelize, file, change))
    await sequelize.query(FORGET_OLD_ACTS)
  } catch (error) {
    await sequelize.close().catch(() => undefined)
    throw inWords(error, file)
  }
  const tables = defineTables(sequelize)
  await readShown(tables)
  return { sequelize, tables, memory: new Map() }
}

/** What the workshop reads first holds for everything this process writes of it. */
async function readShown(tables: Tables): Promise<void> {
  const newest = await tables.unit_orders.findOne({ order: [['id', 'DESC']] })
  const units = UNIT_ORDER_KEYS.find((order) => order === newest?.get('units'))
  showUnits(units ?? 'metric')
  const last = await tables.tongues.findOne({ order: [['id', 'DESC']] })
  const tongue = TRADE_TONGUE_KEYS.find((key) => key === last?.get('tongue'))
  showTongue(tongue ?? 'british')
}

/** Opens the workshop's database once a process, bringing it up to the newest shape. */
export function openDatabase(): Promise<Database> {
  const file = path.join(dataFolder(), 'typothesis.sqlite')
  if (process_.typothesisDatabase?.file !== file) {
    const held: Held = { file, database: open(file) }
    process_.typothesisDatabase = held
    // What failed once may be mended by the next time it is asked for.
    held.database.catch(() => {
      if (process_.typothesisDatabase === held) process_.typothesisDatabase = undefined
    })
  }
  return process_.typothesisDatabase.database
}

/** Closes the database, so that a command can end and a test can remove its folder. */
export async function closeDatabase(): Promise<void> {
  const held = process_.typothesisDatabase
  process_.typothesisDatabase = undefined
  if (held) await (await held.database.catch(() => null))?.sequelize.close()
}

/**
 * Does a write as one transaction: all of it or nothing. Writes of this process wait for one another, so that none fails
 * because another holds the file. A write within a write is part of it.
 */
export async function write<T>(act: (tables: Tables, transaction: Transaction) => Promise<T>): Promise<T> {
  const outer = writing.getStore()
  if (outer) return act(outer.tables, outer.transaction)
  const { sequelize, tables } = await openDatabase()
  const turn = (process_.typothesisWrites ?? Promise.resolve()).then(() =>
    sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, (transaction) =>
      writing.run({ tables, transaction }, () => act(tables, transaction)),
    ),
  )
  process_.typothesisWrites = turn.catch(() => undefined)
  return turn
}
