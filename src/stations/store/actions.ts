'use server'

import { revalidatePath } from 'next/cache'
import type { z } from 'zod'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { addPaper, addPress, type newPaperSchema, type newPressSchema } from '@/data/store'
import { answer, type Answer } from '../bench/answer'

/** Adds a paper to the store; its white is taken as an ordinary rag's until it is measured. */
export async function addPaperAction(paper: z.infer<typeof newPaperSchema>): Promise<Answer> {
  return answer(async () => {
    await addPaper(paper, [...RAG_WHITE])
    revalidatePath('/', 'layout')
    return {}
  })
}

/** Adds a press to the store. */
export async function addPressAction(press: z.infer<typeof newPressSchema>): Promise<Answer> {
  return answer(async () => {
    await addPress(press)
    revalidatePath('/', 'layout')
    return {}
  })
}
