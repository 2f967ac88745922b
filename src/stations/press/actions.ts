'use server'

import { revalidatePath } from 'next/cache'
import type { Blanket } from '@/core/press/blanket'
import type { PressDetails, PressEvent } from '@/core/press/pressCard'
import type { PressureTrial } from '@/core/press/pressureTrials'
import { label } from '@/core/units/schemas'
import { keepBlanket, keepPack, washBlanket } from '@/data/blankets'
import { changePress, enterPressEvent, keepPressureTrial } from '@/data/pressCards'
import { answer, type Answer } from '../bench/answer'

/** Does a write of the press room and shows everything anew. */
const kept = (act: () => Promise<void>): Promise<Answer> =>
  answer(async () => {
    await act()
    revalidatePath('/', 'layout')
    return {}
  })
const now = () => new Date().toISOString()

/** Writes on a press's card what happened to it. */
export async function enterPressEventAction(pressId: string, event: PressEvent, by: string): Promise<Answer> {
  return kept(() => enterPressEvent(label.parse(pressId), event, by, now()))
}

/** Changes what is said of a press. */
export async function changePressAction(pressId: string, details: PressDetails): Promise<Answer> {
  return kept(() => changePress(label.parse(pressId), details))
}

/** Keeps what the eye said of a setting that had been reckoned. */
export async function keepPressureTrialAction(input: {
  pressId: string
  jobId: string
  trial: PressureTrial
  by: string
}): Promise<Answer> {
  return kept(() => keepPressureTrial(input, now()))
}

/** Puts a blanket on the shelf or changes it. */
export async function keepBlanketAction(id: string | null, blanket: Blanket): Promise<Answer> {
  return kept(() => keepBlanket(label.nullable().parse(id), blanket))
}

/** Records a wash. */
export async function washBlanketAction(id: string, by: string): Promise<Answer> {
  return kept(() => washBlanket(label.parse(id), by, now()))
}

/** Keeps blankets laid together as a pack. */
export async function keepPackAction(pack: { name: string; blanketIds: string[] }): Promise<Answer> {
  return kept(() => keepPack(pack))
}
