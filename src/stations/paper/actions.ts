'use server'

import { revalidatePath } from 'next/cache'
import type { Blotting } from '@/core/paper/blotting'
import type { GrowthMarks } from '@/core/paper/growth'
import { keepBlotting } from '@/data/blottings'
import { keepGrowthMarks } from '@/data/growths'
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

/** Keeps two marks measured dry and damp. */
export async function keepGrowthMarksAction(marks: GrowthMarks): Promise<Answer> {
  return answer(async () => {
    await keepGrowthMarks(marks, new Date().toISOString())
    revalidatePath('/', 'layout')
    return {}
  })
}

/** Keeps a blotting, weighed before and after. */
export async function keepBlottingAction(blotting: Blotting): Promise<Answer> {
  return answer(async () => {
    await keepBlotting(blotting, new Date().toISOString())
    revalidatePath('/', 'layout')
    return {}
  })
}
