'use server'

import { revalidatePath } from 'next/cache'
import type { NewDryingPlace } from '@/core/dry/dryingPlaces'
import { count, label } from '@/core/units/schemas'
import { addDryingPlace, changeBetween, takeOut } from '@/data/dryingPlaces'
import { answer, type Answer } from '../bench/answer'

const refresh = () => revalidatePath('/', 'layout')

/** Adds a place where prints dry. */
export async function addDryingPlaceAction(place: NewDryingPlace): Promise<Answer> {
  return answer(async () => {
    await addDryingPlace(place)
    refresh()
    return {}
  })
}

/** Records that what lies between the prints was changed. */
export async function changeBetweenAction(loadId: number, by: string): Promise<Answer> {
  return answer(async () => {
    await changeBetween(count.parse(loadId), label.parse(by), new Date().toISOString())
    refresh()
    return {}
  })
}

/** Takes prints out of their place. */
export async function takeOutAction(loadId: number): Promise<Answer> {
  return answer(async () => {
    await takeOut(count.parse(loadId), new Date().toISOString())
    refresh()
    return {}
  })
}
