import { z } from 'zod'
import { blanketSchema, layerOfBlanket, type Blanket } from '@/core/press/blanket'
import { label } from '@/core/units/schemas'
import { write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { freeSlug } from '../database/slug'

/** Puts a blanket on the shelf, or changes one that is there. @param id null: a new one */
export async function keepBlanket(id: string | null, input: Blanket): Promise<void> {
  const blanket = blanketSchema.parse(input)
  await write(async (tables, transaction) => {
    if (id === null) {
      const free = await freeSlug(
        blanket.name,
        async (slug) => (await tables.blankets.count({ where: { id: slug }, transaction })) > 0,
      )
      await tables.blankets.create({ ...blanket, id: free }, { transaction })
      return
    }
    const [changed] = await tables.blankets.update(blanket, { where: { id }, transaction })
    if (changed === 0) throw new NotFoundError('This blanket')
  })
}

/** Records that a blanket was washed: it is soft again until said otherwise. */
export async function washBlanket(blanketId: string, by: string, at: string): Promise<void> {
  await write(async (tables, transaction) => {
    const [changed] = await tables.blankets.update(
      { clogging: 'none' },
      { where: { id: blanketId }, transaction },
    )
    if (changed === 0) throw new NotFoundError('This blanket')
    await tables.washes.create({ blanketId, at, by: label.parse(by) }, { transaction })
  })
}

/** A pack laid from the shelf, from the sheet upward. */
export const newPackSchema = z.strictObject({
  name: label,
  blanketIds: z
    .array(label)
    .min(1, { error: 'lay at least one blanket' })
    .max(8, { error: 'takes at most 8 blankets' }),
})

/** Keeps a pack under its name; one of the same name is laid anew. A blanket lies in a pack once. */
export async function keepPack(input: z.infer<typeof newPackSchema>): Promise<void> {
  const { name, blanketIds } = newPackSchema.parse(input)
  if (new Set(blanketIds).size < blanketIds.length)
    throw new FieldError([{ field: 'blanketIds', message: 'A blanket can lie in a pack only once.' }])
  await write(async (tables, transaction) => {
    const shelf = await readRows(tables.blankets, { where: { id: blanketIds }, transaction })
    if (shelf.length < blanketIds.length)
      throw new FieldError([
        { field: 'blanketIds', message: 'A blanket of this pack is no longer on the shelf.' },
      ])
    const layers = blanketIds.map((id) => layerOfBlanket(shelf.find((blanket) => blanket.id === id)!))
    const [changed] = await tables.packs.update({ layers, blanketIds }, { where: { name }, transaction })
    if (changed > 0) return
    const id = await freeSlug(
      name,
      async (slug) => (await tables.packs.count({ where: { id: slug }, transaction })) > 0,
    )
    await tables.packs.create({ id, name, layers, blanketIds }, { transaction })
  })
}
