'use server'

import { z } from 'zod'
import { matchTolerancesSchema } from '@/core/match/checks/matchCheck'
import { label } from '@/core/units/schemas'
import { loadJob } from '@/data/shop/jobs'
import { act, ask } from '../act/act'
import { readEditionCheck, startEditionCheck, stopEditionCheck } from './editionCheck'
import { modelScan } from './modelScan'

const jobInput = z.strictObject({ slug: label })

/** Prints and scans an impression by our model; the picture is kept, and what it is of is said by whoever asked. */
export const modelScanAction = act(
  z.strictObject({ slug: label, pullId: label }),
  'shop',
  async ({ slug, pullId }, at) => ({ id: await modelScan(slug, pullId, at) }),
  { isLong: true },
)

/** Begins to hold every impression that was not checked yet against the approved proof, on the server. */
export const startEditionCheckAction = act(
  z.strictObject({ slug: label, dry: z.boolean(), by: label, tolerances: matchTolerancesSchema }),
  'shop',
  async (asked) => {
    await loadJob(asked.slug)
    return { state: { ...startEditionCheck(asked) } }
  },
  { isLong: true },
)

/** How far it is. */
export const readEditionCheckAction = ask(jobInput, 'shop', async ({ slug }) => ({
  state: readEditionCheck(slug),
}))

/** Stops it after what is done. */
export const stopEditionCheckAction = act(
  jobInput,
  'shop',
  async ({ slug }) => ({ state: stopEditionCheck(slug) }),
  { isLong: true },
)
