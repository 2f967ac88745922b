import { closeSync, fsyncSync, openSync } from 'node:fs'
import { mkdir, rename, rm } from 'node:fs/promises'
import path from 'node:path'
import { QueryTypes, Sequelize } from 'sequelize'

/** Does not return before a file, or what a folder holds, is on the disk. */
export function settle(place: string): void {
  const handle = openSync(place, 'r')
  try {
    fsyncSync(handle)
  } finally {
    closeSync(handle)
  }
}

/** A file that should be a database and is none, or a damaged one. */
export class DamagedError extends Error {
  constructor(file: string, why: string) {
    super(`${path.basename(file)} is damaged: ${why}`)
    this.name = 'DamagedError'
  }
}

/** Has a database file looked through by the database itself. @throws DamagedError */
export async function checkDatabase(file: string): Promise<void> {
  const opened = new Sequelize({ dialect: 'sqlite', storage: file, logging: false })
  try {
    const [{ integrity_check: found }] = await opened.query<{ integrity_check: string }>(
      'PRAGMA integrity_check',
      {
        type: QueryTypes.SELECT,
      },
    )
    if (found !== 'ok') throw new DamagedError(file, found)
    const broken = await opened.query('PRAGMA foreign_key_check', { type: QueryTypes.SELECT })
    if (broken.length > 0) throw new DamagedError(file, `${broken.length} rows speak of what is not there`)
  } catch (error) {
    if (error instanceof DamagedError) throw error
    throw new DamagedError(file, error instanceof Error ? error.message : String(error))
  } finally {
    await opened.close()
  }
}

/**
 * Copies an open database as it stands at this moment, while others go on writing in it. The copy is looked through before it gets its
 * name: what bears the name is whole.
 *
 * @throws DamagedError; what the disk says
 */
export async function snapshot(from: Sequelize, file: string): Promise<void> {
  const part = `${file}.part`
  await mkdir(path.dirname(file), { recursive: true })
  await rm(part, { force: true })
  await from.query('VACUUM INTO ?', { replacements: [part] })
  await checkDatabase(part)
  settle(part)
  await rename(part, file)
  settle(path.dirname(file))
}
