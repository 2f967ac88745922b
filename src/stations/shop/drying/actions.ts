'use server'

import { z } from 'zod'
import { newDryingPlaceSchema } from '@/core/dry/dryingPlaces'
import { count, label } from '@/core/units/schemas'
import { addDryingPlace, changeBetween, takeOut } from '@/data/shop/dryingPlaces'
import { act } from '../../across/act/act'

/** Adds a place where prints dry. */
export const addDryingPlaceAction = act(
  newDryingPlaceSchema,
  'shop',
  async (place) => {
    await addDryingPlace(place)
    return {}
  },
  { shows: 'drying' },
)

/** Records that what lies between the prints was changed. */
export const changeBetweenAction = act(
  z.strictObject({ loadId: count, by: label }),
  'shop',
  async ({ loadId, by }, at) => {
    await changeBetween(loadId, by, at)
    return {}
  },
  { shows: 'drying' },
)

/** Takes prints out of their place. */
export const takeOutAction = act(
  z.strictObject({ loadId: count }),
  'shop',
  async ({ loadId }, at) => {
    await takeOut(loadId, at)
    return {}
  },
  { shows: 'drying' },
)
