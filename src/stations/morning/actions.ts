'use server'

import { revalidatePath } from 'next/cache'
import type { MorningReadings } from '@/core/morning/morningSheet'
import { keepMorning } from '@/data/mornings'
import { answer, type Answer } from '../bench/answer'

/** Keeps the morning's readings; the sheet is written from them. */
export async function keepMorningAction(readings: MorningReadings): Promise<Answer> {
  return answer(async () => {
    await keepMorning(readings, new Date().toISOString())
    revalidatePath('/', 'layout')
    return {}
  })
}
