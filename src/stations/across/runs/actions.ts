'use server'

import { z } from 'zod'
import { newSheetMarkSchema, runWishSchema } from '@/core/edition/runs'
import { VARIATION_KEYS } from '@/core/record/variation'
import { count } from '@/core/units/schemas'
import { addRun, changeRun, markSheet, openRun, removeRun, setVariation } from '@/data/across/runs'
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

/** Says whether the prints are to be alike. */
export const setVariationAction = act(
  z.strictObject({ ...JOB_TARGET, variation: z.enum(VARIATION_KEYS) }),
  'shop',
  async ({ jobId, revision, variation }) => ({ revision: await setVariation(jobId, revision, variation) }),
  { shows: 'job' },
)
