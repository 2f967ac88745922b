'use server'

import { z } from 'zod'
import { newGivenSchema } from '@/core/edition/givenSheets'
import { newDrynessSchema, newSheetMarkSchema, runWishSchema } from '@/core/edition/runs'
import { PURPOSE_KEYS } from '@/core/prove/purpose'
import { count, label } from '@/core/units/schemas'
import { giveBack, giveSheets } from '@/data/across/givenSheets'
import { addRun, changeRun, markDryness, markSheet, openRun, removeRun, setPurpose } from '@/data/across/runs'
import { act } from '../act/act'
import { JOB_TARGET } from '../act/jobTarget'

/** Adds a run after the last. */
export const addRunAction = act(
  z.strictObject({ ...JOB_TARGET, run: runWishSchema }),
  'shop',
  async ({ jobId, revision, run }) => ({ revision: await addRun(jobId, revision, run) }),
  { shows: 'job' },
)

/** Changes what a run is called and what comes before it. */
export const changeRunAction = act(
  z.strictObject({ ...JOB_TARGET, position: count, run: runWishSchema }),
  'shop',
  async ({ jobId, revision, position, run }) => ({
    revision: await changeRun(jobId, revision, position, run),
  }),
  { shows: 'job' },
)

/** Takes the last run away while nothing went through it. */
export const removeRunAction = act(
  z.strictObject({ ...JOB_TARGET, position: count }),
  'shop',
  async ({ jobId, revision, position }) => ({ revision: await removeRun(jobId, revision, position) }),
  { shows: 'job' },
)

/** Puts another run on the bench. */
export const openRunAction = act(
  z.strictObject({ ...JOB_TARGET, position: count }),
  'shop',
  async ({ jobId, revision, position }) => ({ revision: await openRun(jobId, revision, position) }),
  { shows: 'job' },
)

/** Marks a sheet done by hand, or lost on its way. */
export const markSheetAction = act(
  z.strictObject({ ...JOB_TARGET, mark: newSheetMarkSchema }),
  'shop',
  async ({ jobId, revision, mark }, at) => ({ revision: await markSheet(jobId, revision, mark, at) }),
  { shows: 'job' },
)

/** Says that sheets are dry, or go on wet. */
export const markDrynessAction = act(
  z.strictObject({ ...JOB_TARGET, dryness: newDrynessSchema }),
  'shop',
  async ({ jobId, revision, dryness }, at) => ({ revision: await markDryness(jobId, revision, dryness, at) }),
  { shows: 'job' },
)

/** Takes existing prints in, which the job begins on. */
export const giveSheetsAction = act(
  z.strictObject({ ...JOB_TARGET, given: newGivenSchema }),
  'shop',
  async ({ jobId, revision, given }, at) => ({ revision: await giveSheets(jobId, revision, given, at) }),
  { shows: 'job' },
)

/** Gives an existing print back that nothing was done to. */
export const giveBackAction = act(
  z.strictObject({ ...JOB_TARGET, sheet: count, by: label }),
  'shop',
  async ({ jobId, revision, sheet, by }, at) => ({
    revision: await giveBack(jobId, revision, sheet, by, at),
  }),
  { shows: 'job' },
)

/** Says what the job is for. */
export const setPurposeAction = act(
  z.strictObject({ ...JOB_TARGET, purpose: z.enum(PURPOSE_KEYS) }),
  'shop',
  async ({ jobId, revision, purpose }) => ({ revision: await setPurpose(jobId, revision, purpose) }),
  { shows: 'job' },
)
