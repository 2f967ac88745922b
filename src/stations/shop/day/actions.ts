'use server'

import { z } from 'zod'
import { dayEventSchema, keptDaySchema } from '@/core/day/keptDay'
import { queueInput } from '@/core/day/pressQueue'
import { label, moment } from '@/core/units/schemas'
import { addDayEvent, beginDay, takeDayEventBack } from '@/data/shop/days'
import { keepQueue } from '@/data/shop/queues'
import { act } from '../../across/act/act'

/** Begins a printing day. */
export const beginDayAction = act(
  z.strictObject({ jobId: label, day: keptDaySchema }),
  'shop',
  async ({ jobId, day }) => {
    await beginDay(jobId, day)
    return {}
  },
  { shows: 'job' },
)

/** Adds what happened to a sheet. */
export const addDayEventAction = act(
  z.strictObject({ dayId: label, event: dayEventSchema, by: label }),
  'shop',
  async ({ dayId, event, by }) => {
    await addDayEvent(dayId, event, by)
    return {}
  },
  { shows: 'job' },
)

/** Takes the newest event of a day back. */
export const takeDayEventBackAction = act(
  z.strictObject({ dayId: label }),
  'shop',
  async ({ dayId }) => {
    await takeDayEventBack(dayId)
    return {}
  },
  { shows: 'job' },
)

/** Keeps the queue of an open day. */
export const keepQueueAction = act(
  z.strictObject({ name: label, input: queueInput, startAt: moment, by: label }),
  'shop',
  async ({ name, input, startAt, by }) => ({ id: await keepQueue(name, input, startAt, by) }),
  { shows: 'queue' },
)
