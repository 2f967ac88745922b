'use server'

import { z } from 'zod'
import { count, label, remark } from '@/core/units/schemas'
import { openNextState, setStatePicture } from '@/data/plate/plateStates'
import { act } from '../across/act/act'
import { JOB_TARGET } from '../across/act/jobTarget'

/** Opens the next state of the plate. */
export const openStateAction = act(
  z.strictObject({ ...JOB_TARGET, note: remark }),
  'shop',
  async ({ jobId, revision, note }, at) => ({ revision: await openNextState(jobId, revision, note, at) }),
  { shows: 'job' },
)

/** Ties a kept picture to a state of the plate. */
export const setPictureAction = act(
  z.strictObject({ ...JOB_TARGET, state: count, imageId: label }),
  'shop',
  async ({ jobId, revision, state, imageId }) => ({
    revision: await setStatePicture(jobId, revision, state, imageId),
  }),
  { shows: 'job' },
)
