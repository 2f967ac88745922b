'use server'

import { z } from 'zod'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { paperColourSchema } from '@/core/paper/paperColour'
import { newStockMoveSchema } from '@/core/paper/stock'
import { label } from '@/core/units/schemas'
import { bringInList, readMaterialList } from '@/data/shop/materialLists'
import { layThing, layThingSchema } from '@/data/shop/shelves'
import { enterStock } from '@/data/shop/stock'
import {
  addPaper,
  changePaper,
  loadStore,
  newPaperSchema,
  paperDetailsSchema,
  setPaperColour,
} from '@/data/shop/store'
import { addPress, newPressSchema } from '@/data/press/presses'
import { keepTongue, tongueSchema } from '@/data/shop/tongue'
import { keepUnitOrder, unitOrderSchema } from '@/data/shop/unitOrder'
import { act, ask } from '../../across/act/act'

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

/** Keeps whose words of the trade are read. */
export const keepTongueAction = act(
  z.strictObject({ tongue: tongueSchema }),
  'shop',
  async ({ tongue }, at) => {
    await keepTongue(tongue, at)
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

/** Puts a thing of a shelf away, or back. */
export const layThingAction = act(
  layThingSchema,
  'shop',
  async (said, at) => {
    await layThing(said, at)
    return {}
  },
  { shows: 'store' },
)

const listSchema = z.strictObject({ text: z.string({ error: 'choose a file' }) })

/** Looks a list of materials over: what of it is new, what is there already, and which lines cannot be read. */
export const readListAction = ask(listSchema, 'shop', async ({ text }) => {
  const { kind, papers, inks, there, problems } = readMaterialList(
    text,
    await loadStore(),
    new Date().toISOString(),
  )
  return { kind, names: [...papers, ...inks].map(({ name }) => name), there, problems }
})

/** Brings in what a list has that is not in the stockroom yet. */
export const bringInListAction = act(
  listSchema,
  'shop',
  async ({ text }, at) => ({ added: await bringInList(readMaterialList(text, await loadStore(), at)) }),
  { shows: 'store' },
)
