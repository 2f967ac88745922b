import { createWriteStream, existsSync, mkdtempSync, readdirSync } from 'node:fs'
import { rename, rm } from 'node:fs/promises'
import path from 'node:path'
import type { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import yazl from 'yazl'
import { openDatabase } from '../database/database'
import { dataFolder } from '../database/dataFolder'
import { readRows } from '../database/readRows'
import { settle, snapshot } from '../database/snapshot'

/** What the archive of a workshop is called inside it, and of which version. */
export const ARCHIVE = { format: 'typothesis-workshop', version: 1 } as const
export const NOTE = 'workshop.json'
export const DATABASE = 'typothesis.sqlite'

/** Where the files of a picture lie, each with its name in the archive. */
function filesOfPicture(id: string): [place: string, name: string][] {
  const folder = path.join(dataFolder(), 'pictures', id)
  if (!existsSync(folder))
    throw new Error(`The files of the picture ${id} are missing: send it again, then back up.`)
  return readdirSync(folder).map((name) => [path.join(folder, name), `pictures/${id}/${name}`])
}

/**
 * Writes the whole workshop into one zip, while it may be open: the database as it stands and every picture it knows, file by file, so that
 * no more than one of them is ever held in memory.
 *
 * @param file replaced if it is there; it bears its name only once it is whole
 * @returns how many pictures are in it
 */
export async function packWorkshop(file: string, at: string): Promise<number> {
  const { sequelize, tables } = await openDatabase()
  const beside = mkdtempSync(path.join(path.dirname(file), '.packing-'))
  const part = `${file}.part`
  try {
    const copy = path.join(beside, DATABASE)
    await snapshot(sequelize, copy)
    // Asked for after the copy: pictures only come, so that all it knows are among them.
    const pictures = (await readRows(tables.images, { attributes: ['id'], order: ['id'] })).map(
      ({ id }) => id,
    )
    const files = pictures.flatMap(filesOfPicture)
    const zip = new yazl.ZipFile()
    const written = pipeline(zip.outputStream, createWriteStream(part, { mode: 0o600 }))
    zip.on('error', (error) => (zip.outputStream as Readable).destroy(error as Error))
    zip.addBuffer(Buffer.from(JSON.stringify({ ...ARCHIVE, at, pictures: pictures.length })), NOTE)
    zip.addFile(copy, DATABASE)
    // Pictures are packed already: to press them again would only take time.
    for (const [place, name] of files) zip.addFile(place, name, { compress: false })
    zip.end()
    await written
    settle(part)
    await rename(part, file)
    settle(path.dirname(file))
    return pictures.length
  } finally {
    await rm(beside, { recursive: true, force: true })
    await rm(part, { force: true })
  }
}
