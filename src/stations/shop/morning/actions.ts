'use server'

import { morningReadingsSchema } from '@/core/morning/morningSheet'
import { keepMorning } from '@/data/shop/mornings'
import { act } from '../../across/act/act'

/** Keeps the morning's readings; the sheet is written from them. */
export const keepMorningAction = act(
  morningReadingsSchema,
  'shop',
  async (readings, at) => {
    await keepMorning(readings, at)
    return {}
  },
  { shows: 'today' },
)
