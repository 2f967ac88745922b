import type { z } from 'zod'
import { bathInput } from '@/core/plate/bath'
import { bathCardSchema, bathUseSchema, type BathCard } from '@/core/plate/bathAccount'
import { openDatabase, write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { freeSlug } from '../database/slug'

export const newBathSchema = bathCardSchema
  .omit({ id: true, madeAt: true, endedAt: true, uses: true })
  .extend(bathInput.shape)
export type NewBath = z.infer<typeof newBathSchema>
export type NewBathUse = z.infer<typeof bathUseSchema>

/** Records a bath that was made, and answers its id. */
export async function makeBathCard(input: NewBath, at: string): Promise<string> {
  const bath = newBathSchema.parse(input)
  return write(async (tables, transaction) => {
    const id = await freeSlug(
      bath.name,
      async (slug) => (await tables.baths.count({ where: { id: slug }, transaction })) > 0,
    )
    await tables.baths.create({ ...bath, id, madeAt: at, endedAt: null }, { transaction })
    return id
  })
}

/** Records a plate bitten in a bath; a bath that was ended takes none. */
export async function recordBathUse(
  bathId: string,
  input: Omit<NewBathUse, 'at'>,
  at: string,
): Promise<void> {
  const use = bathUseSchema.parse({ ...input, at })
  await write(async (tables, transaction) => {
    const [bath] = await readRows(tables.baths, { where: { id: bathId }, transaction })
    if (!bath) throw new NotFoundError('This bath')
    if (bath.endedAt) throw new FieldError([{ field: '', message: 'This bath was ended: make a fresh one.' }])
    await tables.bath_uses.create({ ...use, bathId }, { transaction })
  })
}

/** Ends a bath: it is spent and set aside to be handed in. */
export async function endBath(bathId: string, at: string): Promise<void> {
  await write(async (tables, transaction) => {
    const [changed] = await tables.baths.update(
      { endedAt: at },
      { where: { id: bathId, endedAt: null as never }, transaction },
    )
    if (changed === 0) throw new NotFoundError('This bath')
  })
}

/** Every bath with its uses, newest first. */
export async function loadBaths(): Promise<BathCard[]> {
  const { tables } = await openDatabase()
  const [baths, uses] = await Promise.all([
    readRows(tables.baths, { order: [['madeAt', 'DESC']] }),
    readRows(tables.bath_uses, { order: ['id'] }),
  ])
  return baths.map((bath) =>
    bathCardSchema.parse({
      ...bath,
      uses: uses.filter(({ bathId }) => bathId === bath.id).map(({ id: _, bathId: __, ...use }) => use),
    }),
  )
}
