import { write } from './database'
import { readRows } from './readRows'

/** What was answered to the act of a key; null: it was not done. */
export async function doneBefore(key: string): Promise<object | null> {
  return write(async (tables, transaction) => {
    const [act] = await readRows(tables.acts, { where: { key }, transaction })
    return act?.answer ?? null
  })
}

/** Notes that the act of a key was done, with its answer. */
export async function noteAct(key: string, answer: object, at: string): Promise<void> {
  await write(
    async (tables, transaction) => void (await tables.acts.create({ key, answer, at }, { transaction })),
  )
}
