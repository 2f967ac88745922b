'use server'

import { z } from 'zod'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { paperColourSchema } from '@/core/paper/paperColour'
import { newStockMoveSchema } from '@/core/paper/stock'
import { label } from '@/core/units/schemas'
import { enterStock } from '@/data/shop/stock'
import { addPaper, changePaper, newPaperSchema, paperDetailsSchema, setPaperColour } from '@/data/shop/store'
import { addPress, newPressSchema } from '@/data/press/presses'
import { keepUnitOrder, unitOrderSchema } from '@/data/shop/unitOrder'
import { act } from '../../across/act/act'

/** Adds a paper to the store; its white is taken as an ordinary rag's until it is measured. */
export const addPaperAction = act(
  newPaperSchema,
  'shop',
  async (paper) => ({ id: await addPaper(paper, [...RAG_WHITE]) }),
  { shows: 'store' },
)

/** Adds a press to the store. */
export const addPressAction = act(
  newPressSchema,
  'shop',
  async (press) => ({ press: await addPress(press) }),
  { shows: 'store' },
)

/** Changes what is said of a paper. */
export const changePaperAction = act(
  z.strictObject({ paperId: label, details: paperDetailsSchema }),
  'shop',
  async ({ paperId, details }) => {
    await changePaper(paperId, details)
    return {}
  },
  { shows: 'store' },
)

/** Says what colour a paper has. */
export const setPaperColourAction = act(
  z.strictObject({ paperId: label, colour: paperColourSchema }),
  'shop',
  async ({ paperId, colour }) => {
    await setPaperColour(paperId, colour)
    return {}
  },
  { shows: 'store' },
)

/** Keeps which units are read first. */
export const keepUnitOrderAction = act(
  z.strictObject({ units: unitOrderSchema }),
  'shop',
  async ({ units }, at) => {
    await keepUnitOrder(units, at)
    return {}
  },
  { shows: 'everywhere' },
)

/** Makes an entry in a paper's stock book. */
export const enterStockAction = act(
  newStockMoveSchema,
  'shop',
  async (move, at) => {
    await enterStock(move, at)
    return {}
  },
  { shows: 'store' },
)
