'use server'

import { revalidatePath } from 'next/cache'
import { colleSettingSchema, type ColleSetting } from '@/core/register/chineColle'
import { label } from '@/core/units/schemas'
import { keepCollePiece } from '@/data/collePieces'
import { answer, type Answer } from '../bench/answer'

/** Keeps a piece for chine collé. */
export async function keepCollePieceAction(jobId: string, setting: ColleSetting): Promise<Answer> {
  return answer(async () => {
    await keepCollePiece(label.parse(jobId), colleSettingSchema.parse(setting), new Date().toISOString())
    revalidatePath('/', 'layout')
    return {}
  })
}
