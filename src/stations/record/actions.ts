'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { creditsSchema } from '@/core/record/credits'
import { count, label } from '@/core/units/schemas'
import { keepCredits } from '@/data/credits'
import { movePrint, type newCustodySchema } from '@/data/custody'
import { answer, type Answer } from '../bench/answer'

const creditsInput = z.strictObject({ jobId: label, revision: count, credits: creditsSchema })

/** Keeps who is credited with what. */
export async function keepCreditsAction(
  input: z.infer<typeof creditsInput>,
): Promise<Answer<{ revision: number }>> {
  return answer(async () => {
    const { jobId, revision, credits } = creditsInput.parse(input)
    const next = await keepCredits(jobId, revision, credits)
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}

/** Writes down where a signed print went. */
export async function movePrintAction(
  jobId: string,
  input: z.input<typeof newCustodySchema>,
): Promise<Answer> {
  return answer(async () => {
    await movePrint(label.parse(jobId), input, new Date().toISOString())
    revalidatePath('/', 'layout')
    return {}
  })
}
