'use server'

import { z } from 'zod'
import { matchTolerancesSchema } from '@/core/match/checks/matchCheck'
import { label } from '@/core/units/schemas'
import { loadJob } from '@/data/jobs'
import { answer, type Answer } from '../bench/answer'
import { readEditionCheck, startEditionCheck, stopEditionCheck, type EditionCheckState } from './editionCheck'
import { modelScan } from './modelScan'

const input = z.strictObject({ slug: label, pullId: label })

/** Prints and scans an impression by our model; the picture is kept, and what it is of is said by whoever asked. */
export async function modelScanAction(asked: z.input<typeof input>): Promise<Answer<{ id: string }>> {
  return answer(async () => {
    const { slug, pullId } = input.parse(asked)
    return { id: await modelScan(slug, pullId, new Date().toISOString()) }
  })
}

const jobInput = z.strictObject({ slug: label })
const startInput = z.strictObject({
  slug: label,
  dry: z.boolean(),
  by: label,
  tolerances: matchTolerancesSchema,
})
type Checked = Promise<Answer<{ state: EditionCheckState | null }>>

/** Begins to hold every impression that was not checked yet against the approved proof, on the server. */
export async function startEditionCheckAction(asked: z.input<typeof startInput>): Checked {
  return answer(async () => {
    const parsed = startInput.parse(asked)
    await loadJob(parsed.slug)
    return { state: { ...startEditionCheck(parsed) } }
  })
}

/** How far it is. */
export async function readEditionCheckAction(asked: z.input<typeof jobInput>): Checked {
  return answer(async () => ({ state: readEditionCheck(jobInput.parse(asked).slug) }))
}

/** Stops it after what is done. */
export async function stopEditionCheckAction(asked: z.input<typeof jobInput>): Checked {
  return answer(async () => ({ state: stopEditionCheck(jobInput.parse(asked).slug) }))
}
