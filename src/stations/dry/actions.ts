'use server'

import { z } from 'zod'
import { numberingInput } from '@/core/dry/numbering'
import { label } from '@/core/units/schemas'
import { cancelPlate, newCancellationSchema } from '@/data/dry/cancellation'
import { declareEditionSize } from '@/data/shop/jobs'
import { giveNumbers, layToDry, newDryingSchema } from '@/data/dry/prints'
import { keepSorting } from '@/data/dry/sortings'
import { unlockNumbers } from '@/data/dry/unlocks'
import { act } from '../across/act/act'
import { JOB_TARGET } from '../across/act/jobTarget'

/** Records that the prints were laid to dry. */
export const layToDryAction = act(
  z.strictObject({ ...JOB_TARGET, drying: newDryingSchema }),
  'shop',
  async ({ jobId, revision, drying }, at) => ({ revision: await layToDry(jobId, revision, drying, at) }),
  { shows: 'drying' },
)

/** Keeps how the impressions lie while they are being sorted. */
export const keepSortingAction = act(
  z.strictObject({ jobId: label, numbering: numberingInput }),
  'shop',
  async ({ jobId, numbering }, at) => {
    await keepSorting(jobId, numbering, at)
    return {}
  },
)

/** Gives the numbers of the sorted edition, and closes it. */
export const giveNumbersAction = act(
  z.strictObject({ ...JOB_TARGET, numbering: numberingInput }),
  'shop',
  async ({ jobId, revision, numbering }, at) => ({
    revision: await giveNumbers(jobId, revision, numbering, at),
  }),
  { shows: 'job' },
)

/** Records that the plate was struck, with the proof that shows it. */
export const cancelPlateAction = act(
  z.strictObject({ ...JOB_TARGET, cancellation: newCancellationSchema }),
  'shop',
  async ({ jobId, revision, cancellation }, at) => ({
    revision: await cancelPlate(jobId, revision, cancellation, at),
  }),
  { shows: 'job' },
)

/** Takes the numbers back, with who and why. */
export const unlockNumbersAction = act(
  z.strictObject({ ...JOB_TARGET, why: z.string().max(500), by: z.string().max(200) }),
  'shop',
  async ({ jobId, revision, why, by }, at) => ({
    revision: await unlockNumbers(jobId, revision, { why, by }, at),
  }),
  { shows: 'job' },
)

/** Declares the edition as large as what stands in it. */
export const declareSizeAction = act(
  z.strictObject({ ...JOB_TARGET, editionSize: z.number() }),
  'shop',
  async ({ jobId, revision, editionSize }) => ({
    revision: await declareEditionSize(jobId, revision, editionSize),
  }),
  { shows: 'job' },
)
