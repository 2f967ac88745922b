import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { Sequelize } from 'sequelize'
import { bringUp } from './migrations/migration'
import { MIGRATIONS } from './migrations/migrations'

/** Before all unit tests: an empty database of today's shape, which every test of the data layer begins from a copy of. */
export default async function readyDatabase(): Promise<() => void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'typothesis-ready-'))
  const storage = path.join(folder, 'typothesis.sqlite')
  const sequelize = new Sequelize({ dialect: 'sqlite', storage, logging: false })
  await bringUp(sequelize, MIGRATIONS)
  await sequelize.query('PRAGMA wal_checkpoint(TRUNCATE)')
  await sequelize.close()
  process.env.TYPOTHESIS_TEST_DATABASE = storage
  return () => rmSync(folder, { recursive: true, force: true })
}
