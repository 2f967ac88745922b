import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { QueryTypes, Sequelize } from 'sequelize'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { json, key, optionalText, text, whole } from './columns'
import { bringUp, LaterReleaseError, layDown, sumOfColumns, type Migration } from './migration'
import { MIGRATIONS } from './migrations'

let folder: string
let sequelize: Sequelize

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'typothesis-migration-'))
  sequelize = new Sequelize({ dialect: 'sqlite', storage: path.join(folder, 'a.sqlite'), logging: false })
})
afterEach(async () => {
  await sequelize.close()
  rmSync(folder, { recursive: true, force: true })
})

const first: Migration = {
  name: '1',
  columns: { prints: { id: key, mark: text } },
  indexes: [['prints', ['mark'], true]],
}
const second: Migration = {
  name: '2',
  columns: {
    prints: { note: optionalText, copies: { ...whole, defaultValue: 1 } },
    buyers: { id: key, name: text },
  },
  carry: async (queries, transaction) => {
    await queries.sequelize.query("UPDATE prints SET note = 'carried ' || mark", { transaction })
  },
}
const run = (migration: Migration) =>
  sequelize.transaction((transaction) => layDown(migration, sequelize.getQueryInterface(), transaction))
const rows = (sql: string) => sequelize.query(sql, { type: QueryTypes.SELECT })

describe('a change of the database’s shape', () => {
  it('makes a table that was not there, with what it forbids', async () => {
    await run(first)
    await sequelize.query("INSERT INTO prints VALUES ('a', '1/2')")
    await expect(sequelize.query("INSERT INTO prints VALUES ('b', '1/2')")).rejects.toThrow()
  })
  it('adds columns to a known table and loses no row', async () => {
    await run(first)
    await sequelize.query("INSERT INTO prints VALUES ('a', '1/2'), ('b', '2/2')")
    await run(second)
    expect(await rows('SELECT id, mark, note, copies FROM prints ORDER BY id')).toEqual([
      { id: 'a', mark: '1/2', note: 'carried 1/2', copies: 1 },
      { id: 'b', mark: '2/2', note: 'carried 2/2', copies: 1 },
    ])
  })
  it('that fails half-way leaves everything as it was', async () => {
    await run(first)
    await sequelize.query("INSERT INTO prints VALUES ('a', '1/2')")
    const broken: Migration = {
      ...second,
      carry: async () => {
        throw new Error('power cut')
      },
    }
    await expect(run(broken)).rejects.toThrow('power cut')
    expect(await rows('SELECT * FROM prints')).toEqual([{ id: 'a', mark: '1/2' }])
    expect(await rows("SELECT name FROM sqlite_master WHERE name = 'buyers'")).toEqual([])
  })
})

describe('a workshop that is brought up', () => {
  it('notes each change with it, once', async () => {
    await bringUp(sequelize, [first])
    await bringUp(sequelize, [first, second])
    await bringUp(sequelize, [first, second])
    expect(await rows('SELECT name FROM migrations ORDER BY name')).toEqual([{ name: '1' }, { name: '2' }])
  })
  it('goes on from a change that was laid down and never noted', async () => {
    await bringUp(sequelize, [first])
    await sequelize.query("INSERT INTO prints VALUES ('a', '1/2')")
    await run(second)
    await bringUp(sequelize, [first, second])
    expect(await rows('SELECT id, mark, note, copies FROM prints')).toEqual([
      { id: 'a', mark: '1/2', note: 'carried 1/2', copies: 1 },
    ])
  })
  it('by a later release is refused, and not a byte of it changes', async () => {
    await bringUp(sequelize, [first, second])
    await sequelize.query('PRAGMA wal_checkpoint(TRUNCATE)')
    const before = readFileSync(path.join(folder, 'a.sqlite'))
    const refused = await bringUp(sequelize, [first]).catch((error: unknown) => error)
    expect(refused).toBeInstanceOf(LaterReleaseError)
    expect((refused as LaterReleaseError).unknown).toEqual(['2'])
    expect(readFileSync(path.join(folder, 'a.sqlite')).equals(before)).toBe(true)
  })
})

describe('the models', () => {
  it('have the columns of all changes together', () => {
    const sum = sumOfColumns([first, second])
    expect(Object.keys(sum.prints)).toEqual(['id', 'mark', 'note', 'copies'])
    expect(Object.keys(sum.buyers)).toEqual(['id', 'name'])
  })
  it('get copies of their own, so that one database does not write into another’s', () => {
    const columns = { things: { id: key, data: json<object>() } }
    const [one, other] = [sumOfColumns([{ name: 'x', columns }]), sumOfColumns([{ name: 'x', columns }])]
    expect(one.things.id).not.toBe(other.things.id)
  })
})

describe('the changes of this product', () => {
  it('have names of their own, in order', () => {
    const names = MIGRATIONS.map(({ name }) => name)
    expect(names).toEqual([...new Set(names)].sort())
  })
  it('lay down every table, and columns added later take null or have a default', async () => {
    const known = new Set<string>()
    for (const migration of MIGRATIONS) {
      for (const [table, columns] of Object.entries(migration.columns)) {
        if (!known.has(table)) continue
        for (const column of Object.values(columns))
          expect(column).toSatisfy(
            (one: { allowNull?: boolean; defaultValue?: unknown }) =>
              one.allowNull || one.defaultValue !== undefined,
          )
      }
      await run(migration)
      for (const table of Object.keys(migration.columns)) known.add(table)
    }
    const made = (await rows("SELECT name FROM sqlite_master WHERE type = 'table'")) as { name: string }[]
    expect(
      made
        .map(({ name }) => name)
        .filter((name) => !name.startsWith('sqlite_'))
        .sort(),
    ).toEqual([...known].sort())
  })
})
