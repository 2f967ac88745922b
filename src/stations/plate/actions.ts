'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { count, label, remark } from '@/core/units/schemas'
import { openNextState, setStatePicture } from '@/data/plateStates'
import { answer, type Answer } from '../bench/answer'

const target = { jobId: label, revision: count }
const openInput = z.strictObject({ ...target, note: remark })
const pictureInput = z.strictObject({ ...target, state: count, imageId: label })

/** Opens the next state of the plate. */
export async function openStateAction(
  input: z.infer<typeof openInput>,
): Promise<Answer<{ revision: number }>> {
  return answer(async () => {
    const { jobId, revision, note } = openInput.parse(input)
    const next = await openNextState(jobId, revision, note, new Date().toISOString())
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}

/** Ties a kept picture to a state of the plate. */
export async function setPictureAction(
  input: z.infer<typeof pictureInput>,
): Promise<Answer<{ revision: number }>> {
  return answer(async () => {
    const { jobId, revision, state, imageId } = pictureInput.parse(input)
    const next = await setStatePicture(jobId, revision, state, imageId)
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}
