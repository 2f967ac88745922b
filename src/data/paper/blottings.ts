import { blottingSchema, type Blotting } from '@/core/paper/blotting'
import { openDatabase, write } from '../database/database'
import { NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'

/** Keeps one blotting with its paper, so that strokes can be reckoned. */
export async function keepBlotting(input: Blotting, at: string): Promise<void> {
  const blotting = blottingSchema.parse(input)
  await write(async (tables, transaction) => {
    if ((await tables.papers.count({ where: { id: blotting.paperId }, transaction })) === 0)
      throw new NotFoundError('This paper')
    await tables.blottings.create({ ...blotting, at }, { transaction })
  })
}

/** Every blotting, oldest first. */
export async function loadBlottings(): Promise<Blotting[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.blottings, { order: ['id'] })).map(({ id: _, at: __, ...blotting }) =>
    blottingSchema.parse(blotting),
  )
}
