import { readFile } from 'node:fs/promises'
import JSZip from 'jszip'
import type { JobFile } from '@/core/record/jobFile'
import { readJobFile } from '@/core/record/jobFileDocument'
import { openDatabase, write } from '../database/database'
import { FieldError } from '../database/errors'
import {
  forgetPicture,
  keepPicture,
  keptPictures,
  LARGEST_PICTURE_BYTES,
  originalFile,
} from '../across/images'
import { gatherBeside, jobBesideSchema, layBeside, type JobBeside } from './jobBeside'
import { exportJob, exportJobFile, importJob } from './jobFiles'
import { loadJob } from '../shop/jobs'
import { readRows } from '../database/readRows'

/** Where in the folder the job itself lies. */
const JOB_FILE = 'job.json'
/** What it needs beside it. */
const BESIDE = 'beside.json'
const PICTURES = 'pictures/'
/** Largest whole of a job folder once it is unpacked, bytes. */
const LARGEST_UNPACKED = 400 * 1048576

/** Every picture a job refers to: of its plate's states, of its proofs and impressions, of its artwork. */
async function picturesOf(slug: string, file: JobFile): Promise<string[]> {
  const { tables } = await openDatabase()
  const { id, plateStates } = await loadJob(slug)
  const [artwork] = await readRows(tables.artworks, { where: { jobId: id } })
  const ofProofs = [...file.pulls, ...file.withdrawn].flatMap(({ events }) =>
    events.flatMap(({ event }) => {
      if (event.kind === 'verdict' && event.imageId) return [event.imageId]
      if (event.kind === 'scan') return [event.scan.imageId]
      return []
    }),
  )
  return [
    ...new Set([
      ...plateStates.flatMap(({ imageId }) => (imageId ? [imageId] : [])),
      ...ofProofs,
      ...file.givenSheets.flatMap(({ imageId }) => imageId ?? []),
      ...(artwork ? [artwork.artwork.imageId] : []),
    ]),
  ]
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
  zip.file(JOB_FILE, JSON.stringify(whole, null, 1))
  zip.file('plate-pictures.json', JSON.stringify(states))
  zip.file(BESIDE, JSON.stringify(await gatherBeside((await loadJob(slug)).id, file), null, 1))
  for (const id of await picturesOf(slug, file))
    zip.file(`${PICTURES}${id}`, await readFile(await originalFile(id)))
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
  const states = zip.file('plate-pictures.json')
  const hanging: unknown = states ? readJson(await read(states, 1048576)) : []
  const alongside = zip.file(BESIDE)
  // A folder of an earlier release has none.
  const beside = alongside ? jobBesideSchema.parse(readJson(await read(alongside, 60 * 1048576))) : null
  const before = await keptPictures()
  const came: string[] = []
  try {
    for (const [file, entry] of Object.entries(zip.files))
      if (!entry.dir && file.startsWith(PICTURES))
        came.push(
          await keepPicture(
            Buffer.from(await read(entry, LARGEST_PICTURE_BYTES)),
            file.slice(PICTURES.length),
            at,
          ),
        )
    return await write(async () => {
      const slug = await importJob(document)
      await hangPictures(slug, hanging)
      if (beside) await hangBeside(slug, beside)
      return slug
    })
  } catch (error) {
    for (const id of came) if (!before.has(id)) await forgetPicture(id)
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
