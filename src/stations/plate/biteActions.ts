'use server'

import { z } from 'zod'
import { biteStripSchema } from '@/core/plate/biteCurve'
import { bitePlanSchema } from '@/core/plate/bitePlan'
import { label } from '@/core/units/schemas'
import { newBathUseSchema } from '@/core/plate/bathAccount'
import { endBath, makeBathCard, newBathSchema, recordBathUse } from '@/data/plate/baths'
import { keepBitePlan, keepStrip } from '@/data/plate/bites'
import { act } from '../across/act/act'

/** Keeps a test strip. */
export const keepStripAction = act(
  z.strictObject({ name: label, strip: biteStripSchema }),
  'shop',
  async ({ name, strip }, at) => ({ id: await keepStrip(name, strip, at) }),
  { shows: 'job' },
)

/** Keeps the bite planned for the plate of a job. */
export const keepBitePlanAction = act(
  z.strictObject({ jobId: label, stripId: label, plan: bitePlanSchema }),
  'shop',
  async ({ jobId, stripId, plan }, at) => {
    await keepBitePlan(jobId, stripId, plan, at)
    return {}
  },
  { shows: 'job' },
)

/** Records a bath that was made. */
export const makeBathAction = act(
  newBathSchema,
  'shop',
  async (bath, at) => ({ id: await makeBathCard(bath, at) }),
  { shows: 'job' },
)

/** Records a plate bitten in a bath. */
export const recordBathUseAction = act(
  z.strictObject({ bathId: label, use: newBathUseSchema }),
  'shop',
  async ({ bathId, use }, at) => {
    await recordBathUse(bathId, use, at)
    return {}
  },
  { shows: 'job' },
)

/** Ends a spent bath. */
export const endBathAction = act(
  z.strictObject({ bathId: label }),
  'shop',
  async ({ bathId }, at) => {
    await endBath(bathId, at)
    return {}
  },
  { shows: 'job' },
)
