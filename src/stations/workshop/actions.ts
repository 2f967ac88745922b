'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { seedDemo } from '@demo/seedDemo'
import { STARTER_STORE } from '@demo/starterStore'
import { FieldError } from '@/data/errors'
import { importJob } from '@/data/jobFiles'
import { unpackJob } from '@/data/jobFolder'
import { createJob, listJobs, newJobSchema, type NewJob } from '@/data/jobs'
import { loadStore, stockStore } from '@/data/store'
import { answer, type Answer } from '../bench/answer'

/** A new workshop gets an invented store to begin with, so that the first job has inks, papers and presses to choose from. */
async function stockIfEmpty(): Promise<void> {
  const { inks, papers, presses } = await loadStore()
  if (inks.length + papers.length + presses.length === 0) await stockStore(STARTER_STORE)
}

/** Makes a job and answers its slug. */
export async function createJobAction(input: NewJob): Promise<Answer<{ slug: string }>> {
  return answer(async () => {
    const job = newJobSchema.parse(input)
    await stockIfEmpty()
    const { slug } = await createJob(job, new Date().toISOString())
    revalidatePath('/', 'layout')
    return { slug }
  })
}

/** The sample while it is being laid out: a second press waits for the first instead of laying another beside it. */
let laying: Promise<void> | null = null

/** Lays out the sample beside nothing: only where there is no job yet. */
export async function layOutSampleAction(): Promise<void> {
  laying ??= listJobs()
    .then((jobs) => (jobs.length === 0 ? seedDemo() : undefined))
    .finally(() => (laying = null))
  await laying
  revalidatePath('/', 'layout')
  redirect('/')
}

/** Largest job file taken, characters. */
const LARGEST_JOB_FILE = 40_000_000

/** Largest job folder taken, zipped, bytes. */
const LARGEST_JOB_FOLDER = 200 * 1048576

/** Takes a zipped job folder in as a new job, with its pictures. */
export async function importFolderAction(form: FormData): Promise<Answer<{ slug: string }>> {
  return answer(async () => {
    const file = form.get('folder')
    if (!(file instanceof File)) throw new FieldError([{ field: 'file', message: 'Choose a file.' }])
    if (file.size > LARGEST_JOB_FOLDER)
      throw new FieldError([{ field: 'file', message: 'The folder is larger than a job folder can be.' }])
    const slug = await unpackJob(new Uint8Array(await file.arrayBuffer()), new Date().toISOString())
    revalidatePath('/', 'layout')
    return { slug }
  })
}

/** Takes a job file in as a new job. */
export async function importJobAction(text: string): Promise<Answer<{ slug: string }>> {
  return answer(async () => {
    if (text.length > LARGEST_JOB_FILE)
      throw new FieldError([{ field: 'file', message: 'The file is larger than a job file can be.' }])
    let document: unknown
    try {
      document = JSON.parse(text)
    } catch {
      throw new FieldError([
        { field: 'file', message: 'This is not JSON: choose a file that was saved as “Job as JSON”.' },
      ])
    }
    const slug = await importJob(document)
    revalidatePath('/', 'layout')
    return { slug }
  })
}
