import { existsSync, readdirSync, statSync } from 'node:fs'
import path from 'node:path'
import { plural } from '@/core/units/counted'
import { QueryTypes, Sequelize } from 'sequelize'

/** What is wrong with a workshop's database, and the way back, in words. Nothing was changed. */
export class WorkshopTroubleError extends Error {
  constructor(message: string) {
    super(message)
    this.name = 'WorkshopTroubleError'
  }
}

const BACKUP = /^workshop-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-\d{2}Z\.sqlite$/

const namesIn = (folder: string) => (existsSync(folder) ? readdirSync(folder) : [])

/** The newest of a workshop's own backups; null: there is none. @param folder where the workshop is kept */
export function newestBackup(folder: string): { file: string; moment: string } | null {
  const name = namesIn(path.join(folder, 'backups'))
    .filter((one) => BACKUP.test(one))
    .sort()
    .at(-1)
  if (!name) return null
  const [, day, hours, minutes] = BACKUP.exec(name)!
  return { file: path.join(folder, 'backups', name), moment: `${day} ${hours}:${minutes} UTC` }
}

/** What to do about a database that is not as it should be. */
export function wayBack(folder: string): string {
  const backup = newestBackup(folder)
  return backup
    ? `Close this, and \`npm run doctor -- --put-back\` puts the backup of ${backup.moment} in its place; what lies there is set aside, not thrown away.`
    : 'There is no backup in this folder: put the database back from where you keep one, or restore an archive with `npm run restore -- FILE`.'
}

/**
 * A workshop's folder in which the database is missing or empty though there was one: pictures or backups lie beside it. A new workshop has neither.
 *
 * @throws WorkshopTroubleError
 */
export function refuseMissing(file: string): void {
  const folder = path.dirname(file)
  const isThere = existsSync(file)
  if (isThere && statSync(file).size > 0) return
  const pictures = namesIn(path.join(folder, 'pictures')).length
  if (pictures === 0 && !newestBackup(folder)) return
  throw new WorkshopTroubleError(
    `The workshop’s database in ${folder} is ${isThere ? 'empty' : 'missing'}, and there was one: ${pictures > 0 ? `${pictures} ${plural(pictures, 'picture lies', 'pictures lie')}` : 'backups lie'} beside it. Nothing was begun anew. ${wayBack(folder)}`,
  )
}

/** Codes by which the database says that its file is none, or is damaged. */
const DAMAGED = /SQLITE_(?:NOTADB|CORRUPT)|malformed|not a database/

const damaged = (file: string, why: string) =>
  new WorkshopTroubleError(
    `The workshop’s database in ${path.dirname(file)} is damaged: ${why}. Nothing in it was changed. ${wayBack(path.dirname(file))}`,
  )

/** What was thrown as the database was opened, in words where its file is damaged. */
export function inWords(error: unknown, file: string): unknown {
  const message = error instanceof Error ? error.message : String(error)
  return DAMAGED.test(message) ? damaged(file, message) : error
}

/** Has the database look itself through, quickly, before anything is written. @throws WorkshopTroubleError */
export async function refuseDamaged(sequelize: Sequelize, file: string): Promise<void> {
  const [{ quick_check: found }] = await sequelize.query<{ quick_check: string }>('PRAGMA quick_check(1)', {
    type: QueryTypes.SELECT,
  })
  if (found !== 'ok') throw damaged(file, found)
}

/** As `refuseDamaged`, of a file that nobody has opened yet; one that is not there is not damaged. @throws WorkshopTroubleError */
export async function refuseDamagedFile(file: string): Promise<void> {
  if (!existsSync(file)) return
  const sequelize = new Sequelize({ dialect: 'sqlite', storage: file, logging: false })
  try {
    await refuseDamaged(sequelize, file)
  } catch (error) {
    throw inWords(error, file)
  } finally {
    await sequelize.close().catch(() => undefined)
  }
}
