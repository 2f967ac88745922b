'use server'

import { z } from 'zod'
import { creditsSchema } from '@/core/record/credits'
import { label } from '@/core/units/schemas'
import { keepCredits } from '@/data/record/credits'
import { movePrint, newCustodySchema } from '@/data/record/custody'
import { act } from '../across/act/act'
import { JOB_TARGET } from '../across/act/jobTarget'

/** Keeps who is credited with what. */
export const keepCreditsAction = act(
  z.strictObject({ ...JOB_TARGET, credits: creditsSchema }),
  'shop',
  async ({ jobId, revision, credits }) => ({ revision: await keepCredits(jobId, revision, credits) }),
  { shows: 'job' },
)

/** Writes down where a signed print went. */
export const movePrintAction = act(
  z.strictObject({ jobId: label, moved: newCustodySchema }),
  'shop',
  async ({ jobId, moved }, at) => {
    await movePrint(jobId, moved, at)
    return {}
  },
  { shows: 'job' },
)
