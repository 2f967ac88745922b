'use server'

import { revalidatePath } from 'next/cache'
import type { z } from 'zod'
import { label } from '@/core/units/schemas'
import { movePrint, type newCustodySchema } from '@/data/custody'
import { answer, type Answer } from '../bench/answer'

/** Writes down where a signed print went. */
export async function movePrintAction(jobId: string, input: z.input<typeof newCustodySchema>): Promise<Answer> {
  return answer(async () => {
    await movePrint(label.parse(jobId), input, new Date().toISOString())
    revalidatePath('/', 'layout')
    return {}
  })
}
