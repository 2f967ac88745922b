'use server'

import { z } from 'zod'
import { colleSettingSchema } from '@/core/register/chineColle'
import { label } from '@/core/units/schemas'
import { keepCollePiece } from '@/data/register/collePieces'
import { act } from '../across/act/act'

/** Keeps a piece for chine collé. */
export const keepCollePieceAction = act(
  z.strictObject({ jobId: label, setting: colleSettingSchema }),
  'shop',
  async ({ jobId, setting }, at) => {
    await keepCollePiece(jobId, setting, at)
    return {}
  },
  { shows: 'job' },
)
