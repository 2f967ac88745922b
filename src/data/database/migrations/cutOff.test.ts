import { createHash } from 'node:crypto'
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
  const shape = await sequelize.query<{ name: string; columns: string }>(
    `SELECT tables.name, group_concat(columns.name) AS columns
       FROM sqlite_master AS tables, pragma_table_info(tables.name) AS columns
      WHERE tables.type = 'table' GROUP BY tables.name ORDER BY tables.name`,
    { type: QueryTypes.SELECT },
  )
  const counts = shape.map(({ name }) => `SELECT '${name}' AS name, count(*) AS rows FROM "${name}"`)
  return { shape, rows: await sequelize.query(counts.join(' UNION ALL '), { type: QueryTypes.SELECT }) }
}

describe('a power cut at any step of bringing a workshop up', () => {
  it('leaves one that comes up whole', async () => {
    const file = path.join(folder, 'a.sqlite')
    const released = path.join(import.meta.dirname, 'releases', 'release-1.sqlite.gz')
    writeFileSync(file, gunzipSync(readFileSync(released)))
    let steps = 0
    /** What lay on the disk before a statement, by what it is: between two commits it is often the same. */
    const lying = new Map<string, string>()
    const sequelize = open(file, () => {
      steps += 1
      const left = ENDINGS.filter((ending) => existsSync(file + ending))
      const sum = createHash('sha256')
      for (const ending of left) sum.update(ending).update(readFileSync(file + ending))
      const cut = path.join(folder, `cut-${steps}`)
      const known = sum.digest('hex')
      if (lying.has(known)) return
      lying.set(known, cut)
      for (const ending of left) copyFileSync(file + ending, cut + ending)
    })
    await bringUp(sequelize, MIGRATIONS)
    const whole = await contents(sequelize)
    await sequelize.close()
    expect(steps).toBeGreaterThan(80)
    expect(lying.size).toBeGreaterThanOrEqual(MIGRATIONS.length)
    for (const cut of lying.values()) {
      const again = open(cut)
      await bringUp(again, MIGRATIONS)
      expect(await contents(again), path.basename(cut)).toEqual(whole)
      await again.close()
    }
  })
})
