'use server'

import { blottingSchema } from '@/core/paper/blotting'
import { growthMarksSchema } from '@/core/paper/growth'
import { keepBlotting } from '@/data/paper/blottings'
import { keepGrowthMarks } from '@/data/paper/growths'
import { keepWeighIn, newWeighInSchema } from '@/data/paper/soaks'
import { act } from '../across/act/act'

/** Keeps a weigh-in with its paper. */
export const keepWeighInAction = act(
  newWeighInSchema,
  'shop',
  async (weighIn, at) => {
    await keepWeighIn(weighIn, at)
    return {}
  },
  { shows: 'store' },
)

/** Keeps two marks measured dry and damp. */
export const keepGrowthMarksAction = act(
  growthMarksSchema,
  'shop',
  async (marks, at) => {
    await keepGrowthMarks(marks, at)
    return {}
  },
  { shows: 'store' },
)

/** Keeps a blotting, weighed before and after. */
export const keepBlottingAction = act(
  blottingSchema,
  'shop',
  async (blotting, at) => {
    await keepBlotting(blotting, at)
    return {}
  },
  { shows: 'store' },
)
