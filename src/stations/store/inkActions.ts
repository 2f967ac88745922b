'use server'

import { revalidatePath } from 'next/cache'
import type { Tube } from '@/core/ink/shelfInk'
import { addInks, keepTube, type NewInk } from '@/data/inks'
import { answer, type Answer } from '../bench/answer'

/** Puts inks on the shelf, all of them or none. */
export async function addInksAction(inks: NewInk[]): Promise<Answer> {
  return answer(async () => {
    await addInks(inks)
    revalidatePath('/', 'layout')
    return {}
  })
}

/** Keeps what is known of a tube. */
export async function keepTubeAction(inkId: string, tube: Omit<Tube, 'weighedAt'>): Promise<Answer> {
  return answer(async () => {
    await keepTube(inkId, tube, new Date().toISOString())
    revalidatePath('/', 'layout')
    return {}
  })
}
