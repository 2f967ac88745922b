import JSZip from 'jszip'
import type { JobFile } from '@/core/record/jobFile'
import { picturesNamedIn, withPicturesNamed } from '@/core/record/picturesNamed'
import { readJobFile } from '@/core/record/jobFileDocument'
import { openDatabase, write } from '../database/database'
import { FieldError } from '../database/errors'
import {
  forgetPicture,
  keepPicture,
  keptPictures,
  LARGEST_PICTURE_BYTES,
  pictureToGive,
} from '../across/images'
import { gatherBeside, jobBesideSchema, layBeside, type JobBeside } from './jobBeside'
import { exportJob, exportJobFile, importJob } from './jobFiles'
import { loadJob } from '../shop/jobs'
import { readRows } from '../database/readRows'

/** Where in the folder the job itself lies. */
const JOB_FILE = 'job.json'
/** What it needs beside it. */
const BESIDE = 'beside.json'
/** Which picture hangs at which state of the plate. */
const STATES = 'plate-pictures.json'
const PICTURES = 'pictures/'
/** Largest whole of a job folder once it is unpacked, bytes. */
const LARGEST_UNPACKED = 400 * 1048576

/** Every picture a job refers to: of its plate's states, of whatever its file names, of its artwork. */
async function picturesOf(slug: string, file: JobFile): Promise<string[]> {
  const { tables } = await openDatabase()
  const { id, plateStates } = await loadJob(slug)
  const artworks = await readRows(tables.artworks, { where: { jobId: id } })
  const named = picturesNamedIn([plateStates, file, artworks.map(({ artwork }) => artwork)])
  // A job that came in without its pictures names some that are nowhere.
  const kept = await keptPictures()
  return named.filter((one) => kept.has(one))
}

/** A job as one folder, zipped: its file, its pictures as they came in, and what else is handed in. @param beside further files by name */
export async function packJob(
  slug: string,
  beside: Record<string, string | Uint8Array>,
  at: string,
): Promise<Uint8Array> {
  const file = await exportJob(slug, at)
  const whole = await exportJobFile(slug, at)
  const zip = new JSZip()
  const states = (await loadJob(slug)).plateStates.map(({ state, imageId }) => ({ state, imageId }))
  const given = new Map<string, string>()
  for (const id of await picturesOf(slug, file)) {
    const picture = await pictureToGive(id)
    given.set(id, picture.id)
    zip.file(`${PICTURES}${picture.id}`, picture.bytes)
  }
  const named = (document: unknown) => withPicturesNamed(document, given)
  zip.file(JOB_FILE, JSON.stringify(named(whole), null, 1))
  zip.file(STATES, JSON.stringify(named(states)))
  zip.file(BESIDE, JSON.stringify(named(await gatherBeside((await loadJob(slug)).id, file)), null, 1))
  for (const [name, content] of Object.entries(beside)) zip.file(name, content)
  return zip.generateAsync({ type: 'uint8array', compression: 'DEFLATE' })
}

const notAFolder = () =>
  new FieldError([
    { field: 'file', message: 'This is no job folder: choose a zip that was saved as “Job folder”.' },
  ])

/** Takes a zipped job folder in as a new job with its pictures. @returns the address of the new job */
export async function unpackJob(bytes: Uint8Array, at: string): Promise<string> {
  const zip = await JSZip.loadAsync(bytes).catch(() => {
    throw notAFolder()
  })
  const job = zip.file(JOB_FILE)
  if (!job) throw notAFolder()
  let unpacked = 0
  const read = async (entry: JSZip.JSZipObject, most: number): Promise<Uint8Array> => {
    const chunks: Uint8Array[] = []
    // Read as a stream: a file that unpacks to more than it may is let go of before it fills the memory.
    await new Promise<void>((done, failed) => {
      const stream = entry.nodeStream()
      let size = 0
      stream.on('data', (chunk: Uint8Array) => {
        size += chunk.length
        unpacked += chunk.length
        if (size > most || unpacked > LARGEST_UNPACKED) {
          stream.pause()
          failed(new FieldError([{ field: 'file', message: `“${entry.name}” is larger than it can be.` }]))
        } else chunks.push(chunk)
      })
      stream.on('end', () => done())
      stream.on('error', () => failed(notAFolder()))
    })
    return Buffer.concat(chunks)
  }
  let document: unknown
  try {
    document = JSON.parse(Buffer.from(await read(job, 60 * 1048576)).toString('utf8'))
  } catch (error) {
    if (error instanceof FieldError) throw error
    throw notAFolder()
  }
  // Before any picture is kept: most of what is refused is refused here.
  readJobFile(document)
  const states = zip.file(STATES)
  const hanging: unknown = states ? readJson(await read(states, 1048576)) : []
  const alongside = zip.file(BESIDE)
  // A folder of an earlier release has none.
  const beside = alongside ? jobBesideSchema.parse(readJson(await read(alongside, 60 * 1048576))) : null
  const before = await keptPictures()
  const came = new Map<string, string>()
  try {
    for (const [file, entry] of Object.entries(zip.files))
      if (!entry.dir && file.startsWith(PICTURES))
        came.set(
          file.slice(PICTURES.length),
          await keepPicture(
            Buffer.from(await read(entry, LARGEST_PICTURE_BYTES)),
            file.slice(PICTURES.length),
            at,
          ),
        )
    // A folder of an earlier release holds pictures as they were; cleaned, they have other names.
    const named = (said: unknown) => withPicturesNamed(said, came)
    return await write(async () => {
      const slug = await importJob(named(document))
      await hangPictures(slug, named(hanging))
      if (beside) await hangBeside(slug, jobBesideSchema.parse(named(beside)))
      return slug
    })
  } catch (error) {
    for (const id of came.values()) if (!before.has(id)) await forgetPicture(id)
    throw error
  }
}

function readJson(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(Buffer.from(bytes).toString('utf8'))
  } catch {
    throw notAFolder()
  }
}

/** Lays what came beside a job where it belongs. */
async function hangBeside(slug: string, beside: JobBeside): Promise<void> {
  await write(async (tables, transaction) => {
    const [{ id }] = await readRows(tables.jobs, { where: { slug }, transaction })
    await layBeside(id, beside, { tables, transaction })
  })
}

/** Hangs the pictures of the plate's states where they hung. */
async function hangPictures(slug: string, said: unknown): Promise<void> {
  if (!Array.isArray(said)) return
  await write(async (tables, transaction) => {
    const [{ id }] = await readRows(tables.jobs, { where: { slug }, transaction })
    for (const one of said as { state?: unknown; imageId?: unknown }[]) {
      if (typeof one.state !== 'number' || typeof one.imageId !== 'string') continue
      if ((await tables.images.count({ where: { id: one.imageId }, transaction })) === 0) continue
      await tables.plate_states.update(
        { imageId: one.imageId },
        { where: { jobId: id, state: one.state }, transaction },
      )
    }
  })
}
