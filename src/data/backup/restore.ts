import { createHash, randomUUID } from 'node:crypto'
import { createReadStream, createWriteStream, existsSync, readdirSync } from 'node:fs'
import { mkdir, readFile, rename, rm } from 'node:fs/promises'
import path from 'node:path'
import { pipeline } from 'node:stream/promises'
import { QueryTypes, Sequelize } from 'sequelize'
import yauzl from 'yauzl'
import { z } from 'zod'
import { checkDatabase, settle } from '../database/snapshot'
import { ARCHIVE, DATABASE, NOTE } from './archive'

/** Why an archive cannot be restored. Nothing was changed. */
export class RestoreError extends Error {
  constructor(message: string) {
    super(message)
    this.name = 'RestoreError'
  }
}

const noteSchema = z.object({ format: z.literal(ARCHIVE.format), version: z.literal(ARCHIVE.version) })

/** The names an archive may hold, and no others: no ways out of the folder, and nothing the application does not write. */
const PICTURE = /^pictures\/[0-9a-f]{32}\/(?:original\.(?:png|jpeg|webp|tiff)|(?:thumb|view)\.webp)$/
const ONCE = new Set<string>([NOTE, DATABASE])
const isKnown = (name: string) => ONCE.has(name) || PICTURE.test(name)
/** The kind of file, among the attributes a zip made on Unix keeps; nought: it does not say. */
const kindOf = (attributes: number) => (attributes >>> 16) & 0o170000
const PLAIN_FILE = 0o100000

async function unpack(archive: string, into: string): Promise<void> {
  const zip = await yauzl.openPromise(archive, { strictFileNames: true }).catch((error: unknown) => {
    throw new RestoreError(`This is not the archive of a workshop: ${(error as Error).message}.`)
  })
  const seen = new Set<string>()
  try {
    for await (const entry of zip.eachEntry()) {
      const { fileName: name } = entry
      if (!isKnown(name) || seen.has(name))
        throw new RestoreError(
          `This is not the archive of a workshop: it holds ${JSON.stringify(name.slice(0, 80))}.`,
        )
      const kind = kindOf(entry.externalFileAttributes)
      if (kind !== 0 && kind !== PLAIN_FILE) throw new RestoreError(`${name} is no plain file.`)
      seen.add(name)
      const file = path.join(into, ...name.split('/'))
      await mkdir(path.dirname(file), { recursive: true })
      await pipeline(
        await zip.openReadStreamPromise(entry),
        createWriteStream(file, { flags: 'wx', mode: 0o600 }),
      )
      settle(file)
    }
  } catch (error) {
    if (error instanceof RestoreError) throw error
    throw new RestoreError(`The archive is damaged: ${(error as Error).message}.`)
  } finally {
    zip.close()
  }
  for (const name of [NOTE, DATABASE])
    if (!seen.has(name)) throw new RestoreError(`This is not the archive of a workshop: it has no ${name}.`)
}

async function hashOf(file: string): Promise<string> {
  const hash = createHash('sha256')
  await pipeline(createReadStream(file), hash)
  return hash.digest('hex')
}

/** Looks through what was unpacked: the database whole, and every picture it knows there, byte for byte. */
async function verify(folder: string): Promise<number> {
  const note = noteSchema.safeParse(JSON.parse(await readFile(path.join(folder, NOTE), 'utf8')))
  if (!note.success) throw new RestoreError('This archive is of a later Typothesis, or of something else.')
  const database = path.join(folder, DATABASE)
  await checkDatabase(database)
  const opened = new Sequelize({ dialect: 'sqlite', storage: database, logging: false })
  try {
    const images = await opened.query<{ id: string; format: string }>('SELECT id, format FROM images', {
      type: QueryTypes.SELECT,
    })
    for (const { id, format } of images) {
      const files = [`original.${format}`, 'thumb.webp', 'view.webp'].map((name) =>
        path.join(folder, 'pictures', id, name),
      )
      if (!files.every((file) => existsSync(file)))
        throw new RestoreError(`The picture ${id} is not in the archive.`)
      if (!(await hashOf(files[0])).startsWith(id)) throw new RestoreError(`The picture ${id} is damaged.`)
    }
    return images.length
  } finally {
    await opened.close()
  }
}

/**
 * Puts a workshop back from its archive: unpacked beside the folder, looked through, and only then given its name. What lay in the folder is
 * set beside it and not touched.
 *
 * @returns how many pictures came, and where what lay there is now; null: nothing lay there
 * @throws RestoreError, DamagedError; nothing was changed then
 */
export async function restoreWorkshop(
  archive: string,
  folder: string,
  at: string,
): Promise<{ pictures: number; before: string | null }> {
  if (!existsSync(archive)) throw new RestoreError(`There is no ${archive}.`)
  const waiting = `${folder}.${randomUUID()}.part`
  try {
    await mkdir(waiting, { recursive: true, mode: 0o700 })
    await unpack(archive, waiting)
    const pictures = await verify(waiting)
    await rm(path.join(waiting, NOTE))
    settle(waiting)
    let before: string | null = null
    if (existsSync(folder)) {
      if (readdirSync(folder).length === 0) await rm(folder, { recursive: true })
      else {
        before = `${folder}.before-${at.slice(0, 19).replaceAll(':', '-')}`
        await rename(folder, before)
      }
    }
    await rename(waiting, folder)
    settle(path.dirname(folder))
    return { pictures, before }
  } finally {
    await rm(waiting, { recursive: true, force: true })
  }
}
