import { copyFileSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { gunzipSync } from 'node:zlib'
import { QueryTypes, Sequelize } from 'sequelize'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { bringUp } from './migration'
import { MIGRATIONS } from './migrations'

let folder: string
beforeEach(() => (folder = mkdtempSync(path.join(tmpdir(), 'typothesis-cut-'))))
afterEach(() => rmSync(folder, { recursive: true, force: true }))

const open = (file: string, logging: false | (() => void) = false) =>
  new Sequelize({ dialect: 'sqlite', storage: file, logging })
const ENDINGS = ['', '-wal', '-journal']

/** What a database holds: its shape, and how many rows each table has. */
async function contents(sequelize: Sequelize) {
  const tables = await sequelize.query<{ name: string }>(
    "SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name",
    { type: QueryTypes.SELECT },
  )
  return Promise.all(
    tables.map(async ({ name }) => ({
      name,
      columns: (
        await sequelize.query<{ name: string }>(`PRAGMA table_info("${name}")`, { type: QueryTypes.SELECT })
      ).map((column) => column.name),
      rows: await sequelize.query(`SELECT count(*) AS rows FROM "${name}"`, { type: QueryTypes.SELECT }),
    })),
  )
}

describe('a power cut at any step of bringing a workshop up', () => {
  it('leaves one that comes up whole', async () => {
    const file = path.join(folder, 'a.sqlite')
    const released = path.join(import.meta.dirname, 'releases', 'release-1.sqlite.gz')
    writeFileSync(file, gunzipSync(readFileSync(released)))
    let steps = 0
    // Before each statement: the files as they lie on the disk are what a cut at this moment would leave.
    const sequelize = open(file, () => {
      steps += 1
      for (const ending of ENDINGS)
        if (existsSync(file + ending)) copyFileSync(file + ending, path.join(folder, `cut-${steps}${ending}`))
    })
    await bringUp(sequelize, MIGRATIONS)
    const whole = await contents(sequelize)
    await sequelize.close()
    expect(steps).toBeGreaterThan(80)
    for (let step = 1; step <= steps; step++) {
      const cut = open(path.join(folder, `cut-${step}`))
      await bringUp(cut, MIGRATIONS)
      expect(await contents(cut), `cut before statement ${step}`).toEqual(whole)
      await cut.close()
    }
  })
})
