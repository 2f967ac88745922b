'use server'

import { revalidatePath } from 'next/cache'
import { keepWeighIn, type NewWeighIn } from '@/data/soaks'
import { answer, type Answer } from '../bench/answer'

/** Keeps a weigh-in with its paper. */
export async function keepWeighInAction(input: NewWeighIn): Promise<Answer> {
  return answer(async () => {
    await keepWeighIn(input, new Date().toISOString())
    revalidatePath('/', 'layout')
    return {}
  })
}
