'use server'

import { z } from 'zod'
import { keptMisfitSchema } from '@/core/register/misfitHistory'
import { label } from '@/core/units/schemas'
import { keepMisfit } from '@/data/register/misfits'
import { act } from '../across/act/act'

/** Keeps a measured misfit with its plate. */
export const keepMisfitAction = act(
  z.strictObject({ jobId: label, misfit: keptMisfitSchema.omit({ at: true }) }),
  'shop',
  async ({ jobId, misfit }, at) => {
    await keepMisfit(jobId, misfit, at)
    return {}
  },
  { shows: 'job' },
)
