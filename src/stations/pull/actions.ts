'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { count, label } from '@/core/units/schemas'
import { approveBat, newBatSchema } from '@/data/bats'
import { addEvents, makePull, newEventsSchema, newPullSchema } from '@/data/pulls'
import { answer, type Answer } from '../bench/answer'

const target = { jobId: label, revision: count }
const pullInput = z.strictObject({ ...target, pull: newPullSchema })
const eventsInput = z.strictObject({ ...target, added: newEventsSchema })
const batInput = z.strictObject({ ...target, bat: newBatSchema })
type Done = Promise<Answer<{ revision: number }>>

/** Pulls from the bench as it stands: a proof, a warm-up or an edition pull. */
export async function pullAction(input: z.input<typeof pullInput>): Done {
  return answer(async () => {
    const { jobId, revision, pull } = pullInput.parse(input)
    const next = await makePull(jobId, revision, pull, new Date().toISOString())
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}

/** Adds what was seen of a pull. */
export async function addEventsAction(input: z.input<typeof eventsInput>): Done {
  return answer(async () => {
    const { jobId, revision, added } = eventsInput.parse(input)
    const next = await addEvents(jobId, revision, added, new Date().toISOString())
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}

/** Approves a proof as the BAT. */
export async function approveBatAction(input: z.input<typeof batInput>): Done {
  return answer(async () => {
    const { jobId, revision, bat } = batInput.parse(input)
    const next = await approveBat(jobId, revision, bat, new Date().toISOString())
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}
