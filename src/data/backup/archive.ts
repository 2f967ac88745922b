import { createWriteStream, existsSync, mkdtempSync, readdirSync } from 'node:fs'
import { rename, rm } from 'node:fs/promises'
import path from 'node:path'
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

/**
 * Writes the whole workshop into one zip, while it may be open: the database as it stands and every picture it knows, file by file, so that
 * no more than one of them is ever held in memory.
 *
 * @param file replaced if it is there; it bears its name only once it is whole
 * @returns how many pictures are in it
 */
export async function packWorkshop(file: string, at: string): Promise<number> {
  const { sequelize, tables } = await openDatabase()
  const pictures = await readRows(tables.images, { attributes: ['id'], order: ['id'] })
  const beside = mkdtempSync(path.join(path.dirname(file), '.packing-'))
  const part = `${file}.part`
  try {
    const copy = path.join(beside, DATABASE)
    await snapshot(sequelize, copy)
    const zip = new yazl.ZipFile()
    const written = pipeline(zip.outputStream, createWriteStream(part, { mode: 0o600 }))
    zip.addBuffer(Buffer.from(JSON.stringify({ ...ARCHIVE, at, pictures: pictures.length })), NOTE)
    zip.addFile(copy, DATABASE)
    for (const { id } of pictures) {
      const folder = path.join(dataFolder(), 'pictures', id)
      if (!existsSync(folder))
        throw new Error(`The files of the picture ${id} are missing: send it again, then back up.`)
      // Pictures are packed already: to press them again would only take time.
      for (const name of readdirSync(folder))
        zip.addFile(path.join(folder, name), `pictures/${id}/${name}`, { compress: false })
    }
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
