import { z } from 'zod'
import { uptakeInput, uptakePercent } from '@/core/paper/dampPaper'
import { label, positive } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'

/** One weigh-in of a soaking sheet. */
export const newWeighInSchema = z.strictObject({
  paperId: label,
  seconds: positive.max(604_800, { error: 'must be at most a week' }),
  dryGrams: uptakeInput.shape.dryGrams,
  dampGrams: uptakeInput.shape.dampGrams,
})
export type NewWeighIn = z.infer<typeof newWeighInSchema>
/** What a weigh-in says of the paper. */
export interface WeighIn {
  paperId: string
  seconds: number
  uptakePercent: number
}

/** Keeps a weigh-in with its paper, so that the paper's soak curve is learned. */
export async function keepWeighIn(input: NewWeighIn, at: string): Promise<void> {
  const { paperId, seconds, dryGrams, dampGrams } = newWeighInSchema.parse(input)
  const uptake = uptakePercent(uptakeInput.parse({ dryGrams, dampGrams }))
  await write(async (tables, transaction) => {
    if ((await tables.papers.count({ where: { id: paperId }, transaction })) === 0)
      throw new NotFoundError('This paper')
    await tables.weigh_ins.create({ paperId, seconds, uptakePercent: uptake, at }, { transaction })
  })
}

/** Every weigh-in, oldest first. */
export async function loadWeighIns(): Promise<WeighIn[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.weigh_ins, { order: ['id'] })).map(
    ({ paperId, seconds, uptakePercent: uptake }) => ({ paperId, seconds, uptakePercent: uptake }),
  )
}
