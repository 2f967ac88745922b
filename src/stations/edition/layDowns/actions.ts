'use server'

import { z } from 'zod'
import { layDown, newLayDownSchema } from '@/data/across/layDowns'
import { act } from '../../across/act/act'
import { JOB_TARGET } from '../../across/act/jobTarget'

/** Writes a lay-down to its print, and begins the print with its first. */
export const layDownAction = act(
  z.strictObject({ ...JOB_TARGET, layDown: newLayDownSchema }),
  'shop',
  async ({ jobId, revision, layDown: input }, at) => ({
    revision: await layDown(jobId, revision, input, at),
  }),
  { shows: 'job' },
)
