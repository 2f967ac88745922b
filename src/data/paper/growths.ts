import { growthMarksSchema, type GrowthMarks } from '@/core/paper/growth'
import { openDatabase, write } from '../database/database'
import { NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'

/** Keeps two marks measured dry and damp with their paper, so that its growth is learned. */
export async function keepGrowthMarks(input: GrowthMarks, at: string): Promise<void> {
  const marks = growthMarksSchema.parse(input)
  await write(async (tables, transaction) => {
    if ((await tables.papers.count({ where: { id: marks.paperId }, transaction })) === 0)
      throw new NotFoundError('This paper')
    await tables.growth_marks.create({ ...marks, at }, { transaction })
  })
}

/** Every pair of marks, oldest first. */
export async function loadGrowthMarks(): Promise<GrowthMarks[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.growth_marks, { order: ['id'] })).map(({ id: _, at: __, ...marks }) =>
    growthMarksSchema.parse(marks),
  )
}
