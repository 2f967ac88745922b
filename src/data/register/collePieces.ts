import type { z } from 'zod'
import {
  colleSettingSchema,
  colleTemplate,
  NothingLeftError,
  type ColleSetting,
} from '@/core/register/chineColle'
import { openDatabase, write } from '../database/database'
import { FieldError } from '../database/errors'
import { readRows } from '../database/readRows'

/** Keeps a piece for chine collé under its name; one of the same name is replaced. */
export async function keepCollePiece(
  jobId: string,
  input: z.input<typeof colleSettingSchema>,
  at: string,
): Promise<void> {
  const setting = colleSettingSchema.parse(input)
  try {
    colleTemplate(setting)
  } catch (error) {
    if (error instanceof NothingLeftError)
      throw new FieldError([{ field: 'allowanceMm', message: `${error.message}.` }])
    throw error
  }
  await write(async (tables, transaction) => {
    await tables.colle_pieces.upsert({ jobId, name: setting.name, setting, at }, { transaction })
  })
}

/** The pieces of a job, by name. */
export async function loadCollePieces(jobId: string): Promise<ColleSetting[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.colle_pieces, { where: { jobId }, order: ['name'] })).map(({ setting }) =>
    colleSettingSchema.parse(setting),
  )
}
