import { queueInput, type QueueInput } from '@/core/day/pressQueue'
import { label, moment } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { readRows } from '../database/readRows'
import { freeSlug } from '../database/slug'

/** A queue of an open day as it is kept. */
export interface KeptQueue {
  id: string
  name: string
  input: QueueInput
  startAt: string
  by: string
}

/** Keeps a queue under a name; one of the same name on another day stays. */
export async function keepQueue(
  name: string,
  input: QueueInput,
  startAt: string,
  by: string,
): Promise<string> {
  const queue = queueInput.parse(input)
  return write(async (tables, transaction) => {
    const id = await freeSlug(
      label.parse(name),
      async (slug) => (await tables.queues.count({ where: { id: slug }, transaction })) > 0,
    )
    await tables.queues.create(
      { id, name: label.parse(name), input: queue, startAt: moment.parse(startAt), by: label.parse(by) },
      { transaction },
    )
    return id
  })
}

/** The queues that were kept, the newest day first. */
export async function loadQueues(): Promise<KeptQueue[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.queues, { order: [['startAt', 'DESC']] })).map((row) => ({
    ...row,
    input: queueInput.parse(row.input),
  }))
}
