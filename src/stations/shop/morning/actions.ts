'use server'

import { morningReadingsSchema } from '@/core/morning/morningSheet'
import { keepMorning } from '@/data/shop/mornings'
import { z } from 'zod'
import { backUp } from '@/data/backup/backups'
import { FieldError } from '@/data/database/errors'
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

/** Backs the workshop up at once. */
export const backUpAction = act(
  z.strictObject({}),
  'shop',
  async (_, at) => {
    await backUp(at).catch((error: unknown) => {
      throw new FieldError([
        {
          field: '',
          message: `The backup failed: ${error instanceof Error ? error.message : String(error)}`,
        },
      ])
    })
    return {}
  },
  { shows: 'today', isLong: true },
)
