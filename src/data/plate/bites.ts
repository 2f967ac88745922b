import { biteStripSchema, type BiteStrip } from '@/core/plate/biteCurve'
import { bitePlanSchema, type BitePlan } from '@/core/plate/bitePlan'
import { label } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { NotFoundError } from '../database/errors'
import { readRows } from '../database/readRows'
import { freeSlug } from '../database/slug'

/** A test strip of the workshop. */
export interface KeptStrip {
  id: string
  name: string
  strip: BiteStrip
}

/** Keeps a test strip under a name; earlier strips stay. */
export async function keepStrip(name: string, input: BiteStrip, at: string): Promise<string> {
  const strip = biteStripSchema.parse(input)
  return write(async (tables, transaction) => {
    const id = await freeSlug(
      label.parse(name),
      async (slug) => (await tables.bite_strips.count({ where: { id: slug }, transaction })) > 0,
    )
    await tables.bite_strips.create({ id, name: label.parse(name), strip, at }, { transaction })
    return id
  })
}

/** The workshop's test strips, newest first. */
export async function loadStrips(): Promise<KeptStrip[]> {
  const { tables } = await openDatabase()
  return (await readRows(tables.bite_strips, { order: [['at', 'DESC']] })).map(({ id, name, strip }) => ({
    id,
    name,
    strip: biteStripSchema.parse(strip),
  }))
}

/** Keeps the bite planned for a job's plate. */
export async function keepBitePlan(
  jobId: string,
  stripId: string,
  input: BitePlan,
  at: string,
): Promise<void> {
  const plan = bitePlanSchema.parse(input)
  await write(async (tables, transaction) => {
    if ((await tables.bite_strips.count({ where: { id: stripId }, transaction })) === 0)
      throw new NotFoundError('This test strip')
    await tables.bite_plans.upsert({ jobId, stripId, plan, at }, { transaction })
  })
}

/** The bite planned for a job's plate, or null. */
export async function loadBitePlan(jobId: string): Promise<{ stripId: string; plan: BitePlan } | null> {
  const { tables } = await openDatabase()
  const [row] = await readRows(tables.bite_plans, { where: { jobId } })
  return row ? { stripId: row.stripId, plan: bitePlanSchema.parse(row.plan) } : null
}
