'use server'

import { z } from 'zod'
import { tubeSchema } from '@/core/ink/shelfInk'
import { label } from '@/core/units/schemas'
import { addInks, keepTube, newInkSchema } from '@/data/shop/inks'
import { act } from '../../across/act/act'

/** Puts inks on the shelf, all of them or none; answers their ids. */
export const addInksAction = act(
  z.strictObject({ inks: z.array(newInkSchema).min(1).max(500) }),
  'shop',
  async ({ inks }) => ({ ids: await addInks(inks) }),
  { shows: 'store' },
)

/** Keeps what is known of a tube. */
export const keepTubeAction = act(
  z.strictObject({ inkId: label, tube: tubeSchema.omit({ weighedAt: true }) }),
  'shop',
  async ({ inkId, tube }, at) => {
    await keepTube(inkId, tube, at)
    return {}
  },
  { shows: 'store' },
)
