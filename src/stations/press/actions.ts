'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { label } from '@/core/units/schemas'
import { zeroPress } from '@/data/store'
import { answer, type Answer } from '../bench/answer'

const input = z.strictObject({ pressId: label })

/** Records that both sides of a press touch the bare bed at zero. */
export async function zeroPressAction(request: z.infer<typeof input>): Promise<Answer> {
  return answer(async () => {
    await zeroPress(input.parse(request).pressId, new Date().toISOString())
    revalidatePath('/', 'layout')
    return {}
  })
}
