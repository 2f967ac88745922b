'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { dayEventSchema, keptDaySchema, type DayEvent, type KeptDay } from '@/core/day/keptDay'
import { queueInput, type QueueInput } from '@/core/day/pressQueue'
import { label, moment } from '@/core/units/schemas'
import { addDayEvent, beginDay, takeDayEventBack } from '@/data/days'
import { keepQueue } from '@/data/queues'
import { answer, type Answer } from '../bench/answer'

const refresh = () => revalidatePath('/', 'layout')

/** Begins a printing day. */
export async function beginDayAction(jobId: string, day: KeptDay): Promise<Answer> {
  return answer(async () => {
    await beginDay(label.parse(jobId), keptDaySchema.parse(day))
    refresh()
    return {}
  })
}

/** Adds what happened to a sheet. */
export async function addDayEventAction(dayId: string, event: DayEvent, by: string): Promise<Answer> {
  return answer(async () => {
    await addDayEvent(label.parse(dayId), dayEventSchema.parse(event), label.parse(by))
    refresh()
    return {}
  })
}

/** Takes the newest event of a day back. */
export async function takeDayEventBackAction(dayId: string): Promise<Answer> {
  return answer(async () => {
    await takeDayEventBack(label.parse(dayId))
    refresh()
    return {}
  })
}

const queueKept = z.strictObject({ name: label, input: queueInput, startAt: moment, by: label })

/** Keeps the queue of an open day. */
export async function keepQueueAction(queue: {
  name: string
  input: QueueInput
  startAt: string
  by: string
}): Promise<Answer<{ id: string }>> {
  return answer(async () => {
    const { name, input, startAt, by } = queueKept.parse(queue)
    const id = await keepQueue(name, input, startAt, by)
    refresh()
    return { id }
  })
}
