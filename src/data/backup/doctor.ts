import { createHash } from 'node:crypto'
import { createReadStream, existsSync, readdirSync } from 'node:fs'
import { copyFile, cp, mkdir, rename, rm } from 'node:fs/promises'
import path from 'node:path'
import { QueryTypes, Sequelize } from 'sequelize'
import { plural } from '@/core/units/counted'
import { isPictureWhole } from '../across/images'
import { closeDatabase, openDatabase } from '../database/database'
import { dataFolder } from '../database/dataFolder'
import { UnreadableJobError } from '../database/errors'
import { LaterReleaseError } from '../database/migrations/migration'
import { readRows } from '../database/readRows'
import { checkDatabase, DamagedError, settle } from '../database/snapshot'
import { newestBackup, WorkshopTroubleError } from '../database/trouble'
import { loadJob } from '../shop/jobs'

/** What a look through a workshop came to. */
export interface Examined {
  /** what was found and done, in words */
  said: string[]
  /** something needs a person */
  isIll: boolean
}

const DATABASE = 'typothesis.sqlite'
/** What a database has beside its file while it is open. */
const BESIDE = ['', '-wal', '-shm']
const PICTURE_ID = /^[0-9a-f]{32}$/
const LEFT_OVER = /\.part$/
const DATABASES = /\.sqlite$/

const namesIn = (folder: string) => (existsSync(folder) ? readdirSync(folder) : [])
const many = (count: number, one: string, more: string) => `${count} ${plural(count, one, more)}`

/** Where what is taken out of the way lies: nothing that may be somebody’s is thrown away. */
const asideFolder = (at: string) => path.join(dataFolder(), 'set-aside', at.slice(0, 19).replaceAll(':', '-'))

async function isAsItCame(id: string, file: string): Promise<boolean> {
  const hash = createHash('sha256')
  for await (const chunk of createReadStream(file)) hash.update(chunk as Buffer)
  return hash.digest('hex').startsWith(id)
}

/** What was cut off while it was written: never whole, so it goes. */
async function clearLeftOvers(folder: string): Promise<number> {
  const left = namesIn(folder).filter((name) => LEFT_OVER.test(name))
  for (const name of left) await rm(path.join(folder, name), { recursive: true, force: true })
  return left.length
}

async function examineJobs(): Promise<string[]> {
  const { tables } = await openDatabase()
  const unreadable: string[] = []
  for (const { slug } of await readRows(tables.jobs, { attributes: ['slug'] }))
    try {
      await loadJob(slug)
    } catch (error) {
      if (!(error instanceof UnreadableJobError)) throw error
      unreadable.push(`${error.message}. Take it out raw from the first screen.`)
    }
  return unreadable
}

async function examinePictures(at: string): Promise<{ ill: string[]; done: string[] }> {
  const { tables } = await openDatabase()
  const rows = await readRows(tables.images, {})
  const folder = path.join(dataFolder(), 'pictures')
  const ill: string[] = []
  for (const { id, name, format } of rows) {
    const isWhole = await isPictureWhole(id, format)
    if (isWhole && (await isAsItCame(id, path.join(folder, id, `original.${format}`)))) continue
    ill.push(`The picture “${name}” has lost its files: send it again, and it is mended wherever it hangs.`)
  }
  const done: string[] = []
  const leftOver = await clearLeftOvers(folder)
  if (leftOver > 0)
    done.push(
      `${many(leftOver, 'picture', 'pictures')} cut off while ${plural(leftOver, 'it was', 'they were')} kept: cleared.`,
    )
  const known = new Set(rows.map(({ id }) => id))
  const strangers = namesIn(folder).filter((name) => !known.has(name))
  if (strangers.length > 0) {
    const aside = path.join(asideFolder(at), 'pictures')
    await mkdir(aside, { recursive: true })
    for (const name of strangers) await rename(path.join(folder, name), path.join(aside, name))
    done.push(
      `${many(strangers.length, 'picture', 'pictures')} that nothing speaks of: set aside in ${aside}.`,
    )
  }
  return { ill, done }
}

/** Pictures a kept database speaks of; null: it cannot be read, so nothing is known of it. */
async function picturesIn(file: string): Promise<string[] | null> {
  const kept = new Sequelize({ dialect: 'sqlite', storage: file, logging: false })
  try {
    const rows = await kept.query<{ id: string }>('SELECT id FROM images', { type: QueryTypes.SELECT })
    return rows.map(({ id }) => id)
  } catch {
    return null
  } finally {
    await kept.close()
  }
}

async function examineBackups(): Promise<{ ill: string[]; done: string[] }> {
  const folder = path.join(dataFolder(), 'backups')
  const files = namesIn(folder).filter((name) => DATABASES.test(name))
  const ill: string[] = []
  const wanted = new Set<string>()
  for (const name of files) {
    const ids = await picturesIn(path.join(folder, name))
    if (ids) for (const id of ids) wanted.add(id)
    else ill.push(`The backup ${name} cannot be read.`)
  }
  const pictures = path.join(folder, 'pictures')
  const leftOver = (await clearLeftOvers(folder)) + (await clearLeftOvers(pictures))
  const done = leftOver > 0 ? [`${many(leftOver, 'backup', 'backups')} cut off half-way: cleared.`] : []
  const nobodys =
    ill.length > 0 ? [] : namesIn(pictures).filter((name) => PICTURE_ID.test(name) && !wanted.has(name))
  for (const name of nobodys) await rm(path.join(pictures, name), { recursive: true, force: true })
  if (nobodys.length > 0)
    done.push(`${many(nobodys.length, 'picture', 'pictures')} that no backup speaks of any more: cleared.`)
  return { ill, done }
}

/**
 * Looks a workshop through: the database, every job, every picture by its bytes, the backups. What was cut off half-way is cleared, what
 * nothing speaks of is set aside.
 *
 * @throws what the disk says
 */
export async function examineWorkshop(at: string): Promise<Examined> {
  const file = path.join(dataFolder(), DATABASE)
  try {
    await openDatabase()
    await checkDatabase(file)
  } catch (error) {
    const isTold =
      error instanceof WorkshopTroubleError ||
      error instanceof LaterReleaseError ||
      error instanceof DamagedError
    if (!isTold) throw error
    return { said: [error.message], isIll: true }
  }
  const unreadable = await examineJobs()
  const [pictures, backups] = [await examinePictures(at), await examineBackups()]
  const ill = [...unreadable, ...pictures.ill, ...backups.ill]
  const { tables } = await openDatabase()
  const [jobs, kept] = [await tables.jobs.count(), await tables.images.count()]
  const well = `The database is whole: ${many(jobs, 'job', 'jobs')}, ${many(kept, 'picture', 'pictures')}.`
  return { said: [well, ...pictures.done, ...backups.done, ...ill], isIll: ill.length > 0 }
}

/**
 * Puts the newest backup in the database’s place, with the pictures that lie beside it; what lay there is set aside.
 *
 * @returns what was done, in words
 * @throws WorkshopTroubleError without a backup; DamagedError when it is not whole; nothing is changed then
 */
export async function putBack(at: string): Promise<string> {
  await closeDatabase()
  const folder = dataFolder()
  const backup = newestBackup(folder)
  if (!backup) throw new WorkshopTroubleError(`There is no backup in ${folder}. Nothing was changed.`)
  const file = path.join(folder, DATABASE)
  const part = `${file}.part`
  await copyFile(backup.file, part)
  await checkDatabase(part)
  settle(part)
  const aside = path.join(asideFolder(at), 'database')
  await mkdir(aside, { recursive: true })
  for (const end of BESIDE)
    if (existsSync(file + end)) await rename(file + end, path.join(aside, DATABASE + end))
  await rename(part, file)
  settle(folder)
  for (const id of namesIn(path.join(folder, 'backups/pictures')).filter((name) => PICTURE_ID.test(name))) {
    const there = path.join(folder, 'pictures', id)
    if (!existsSync(there)) await cp(path.join(folder, 'backups/pictures', id), there, { recursive: true })
  }
  return `The backup of ${backup.moment} is in its place. What lay there is in ${aside}.`
}
