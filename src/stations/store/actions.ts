'use server'

import { revalidatePath } from 'next/cache'
import type { NewStockMove } from '@/core/paper/stock'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { enterStock } from '@/data/stock'
import {
  addPaper,
  addPress,
  changePaper,
  type NewPaper,
  type NewPress,
  type PaperDetails,
} from '@/data/store'
import { answer, type Answer } from '../bench/answer'

/** Adds a paper to the store; its white is taken as an ordinary rag's until it is measured. */
export async function addPaperAction(paper: NewPaper): Promise<Answer> {
  return answer(async () => {
    await addPaper(paper, [...RAG_WHITE])
    revalidatePath('/', 'layout')
    return {}
  })
}

/** Adds a press to the store. */
export async function addPressAction(press: NewPress): Promise<Answer> {
  return answer(async () => {
    await addPress(press)
    revalidatePath('/', 'layout')
    return {}
  })
}

/** Changes what is said of a paper. */
export async function changePaperAction(paperId: string, details: PaperDetails): Promise<Answer> {
  return answer(async () => {
    await changePaper(paperId, details)
    revalidatePath('/', 'layout')
    return {}
  })
}

/** Makes an entry in a paper's stock book. */
export async function enterStockAction(move: NewStockMove): Promise<Answer> {
  return answer(async () => {
    await enterStock(move, new Date().toISOString())
    revalidatePath('/', 'layout')
    return {}
  })
}
