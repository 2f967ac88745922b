'use server'

import { z } from 'zod'
import { FieldError } from '@/data/database/errors'
import { importJob } from '@/data/record/jobFiles'
import { unpackJob } from '@/data/record/jobFolder'
import { beginJob, beginJobSchema } from '@/data/shop/beginJob'
import {
  changeJobDetails,
  jobDetailsSchema,
  layJob,
  offerAsTemplate,
  placeOfJobSchema,
} from '@/data/shop/putAway'
import { label } from '@/core/units/schemas'
import { jobAgainSchema, printJobAgain } from '@/data/shop/jobAgain'
import { takeSampleAway } from '@/data/shop/sample'
import { closeSampleBeside, openSampleBeside } from '@/server/sampleBeside'
import { act } from '../../across/act/act'
import { JOB_TARGET } from '../../across/act/jobTarget'

/** Begins a job and answers its slug. */
export const beginJobAction = act(
  beginJobSchema,
  'shop',
  async (begun, at) => {
    const { slug } = await beginJob(begun, at)
    return { slug }
  },
  { shows: 'jobs' },
)

/** Begins a job that prints an earlier one again, and answers its slug. */
export const printAgainAction = act(
  jobAgainSchema,
  'shop',
  async (again, at) => ({ slug: (await printJobAgain(again, at)).slug }),
  { shows: 'jobs' },
)

/** Says anew what a job is called, whose it is, and how many prints. */
export const changeJobDetailsAction = act(
  z.strictObject({ ...JOB_TARGET, details: jobDetailsSchema }),
  'shop',
  async ({ jobId, revision, details }) => ({ revision: await changeJobDetails(jobId, revision, details) }),
  { shows: 'jobs' },
)

/** Lays a job on the shelf, puts it away, or into the bin. */
export const layJobAction = act(
  z.strictObject({ jobId: label, place: placeOfJobSchema }),
  'shop',
  async ({ jobId, place }, at) => {
    await layJob(jobId, place, at)
    return {}
  },
  { shows: 'everywhere' },
)

/** Offers a job where a new one is begun, or no longer. */
export const offerAsTemplateAction = act(
  z.strictObject({ jobId: label, isOffered: z.boolean() }),
  'shop',
  async ({ jobId, isOffered }, at) => {
    await offerAsTemplate(jobId, isOffered, at)
    return {}
  },
  { shows: 'jobs' },
)

/** Opens the sample beside the workshop, and answers where. */
export const openSampleAction = act(
  z.strictObject({}),
  'machine',
  async () => ({ url: await openSampleBeside() }),
  { shows: 'today', isLong: true },
)

/** Closes the sample; it leaves no trace. */
export const closeSampleAction = act(
  z.strictObject({}),
  'machine',
  async () => {
    await closeSampleBeside()
    return {}
  },
  { shows: 'today', isLong: true },
)

/** Takes the sample away again that an earlier release laid out in the workshop, with all that was done on its jobs. */
export const takeSampleAwayAction = act(
  z.strictObject({}),
  'shop',
  async () => {
    await takeSampleAway()
    return {}
  },
  { shows: 'jobs', isLong: true },
)

/** Largest job file taken, characters. */
const LARGEST_JOB_FILE = 40_000_000

/** Largest job folder taken, zipped, bytes. */
const LARGEST_JOB_FOLDER = 200 * 1048576

/** Takes a zipped job folder in as a new job, with its pictures. */
export const importFolderAction = act(
  z.instanceof(FormData),
  'shop',
  async (form, at) => {
    const file = form.get('folder')
    if (!(file instanceof File)) throw new FieldError([{ field: 'file', message: 'Choose a file.' }])
    if (file.size > LARGEST_JOB_FOLDER)
      throw new FieldError([{ field: 'file', message: 'The folder is larger than a job folder can be.' }])
    return { slug: await unpackJob(new Uint8Array(await file.arrayBuffer()), at) }
  },
  { shows: 'jobs', isLong: true },
)

/** Takes a job file in as a new job. */
export const importJobAction = act(
  z.strictObject({ text: z.string() }),
  'shop',
  async ({ text }) => {
    if (text.length > LARGEST_JOB_FILE)
      throw new FieldError([{ field: 'file', message: 'The file is larger than a job file can be.' }])
    let document: unknown
    try {
      document = JSON.parse(text)
    } catch {
      throw new FieldError([
        {
          field: 'file',
          message: 'This is not JSON: choose a file that was saved as “Job as JSON”.',
        },
      ])
    }
    return { slug: await importJob(document) }
  },
  { shows: 'jobs' },
)
