'use server'

import { revalidatePath } from 'next/cache'
import type { KeptMisfit } from '@/core/register/misfitHistory'
import { label } from '@/core/units/schemas'
import { keepMisfit } from '@/data/misfits'
import { answer, type Answer } from '../bench/answer'

/** Keeps a measured misfit with its plate. */
export async function keepMisfitAction(jobId: string, misfit: Omit<KeptMisfit, 'at'>): Promise<Answer> {
  return answer(async () => {
    await keepMisfit(label.parse(jobId), misfit, new Date().toISOString())
    revalidatePath('/', 'layout')
    return {}
  })
}
