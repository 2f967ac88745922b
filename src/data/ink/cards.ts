import { QueryTypes, type Transaction } from 'sequelize'
import { z } from 'zod'
import { reflectanceSpectrum } from '@/core/colour/spectrum'
import { mixSettingSchema } from '@/core/ink/mix'
import {
  batchSchema,
  cardVersionSchema,
  mixCardSchema,
  weighedInkSchema,
  type MixCard,
} from '@/core/ink/mixCard'
import { usableUntil } from '@/core/ink/shelfInk'
import { label, positive, remark } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { greatest } from '../database/greatest'
import { readRows } from '../database/readRows'
import { freeSlug } from '../database/slug'
import type { Tables } from '../database/tables'

/** A mix to put on a card: a new card, or the next version of one. */
export const keepCardSchema = z.strictObject({
  cardId: label.nullable(),
  mix: mixSettingSchema,
  why: remark,
  by: label,
})
export type KeepCard = z.infer<typeof keepCardSchema>

/** Keeps a mix as a new card or as the next version of one; the same mix again makes no new version. */
export async function keepCard(input: KeepCard, at: string): Promise<{ id: string; version: number }> {
  const {
    cardId,
    mix: { card: _, ...mix },
    why,
    by,
  } = keepCardSchema.parse(input)
  return write(async (tables, transaction) => {
    if (cardId === null) {
      const id = await freeSlug(
        mix.name,
        async (slug) => (await tables.cards.count({ where: { id: slug }, transaction })) > 0,
      )
      await tables.cards.create({ id, name: mix.name, createdAt: at }, { transaction })
      await tables.card_versions.create({ cardId: id, version: 1, mix, why, by, at }, { transaction })
      return { id, version: 1 }
    }
    const before = await readVersion(tables, cardId, transaction)
    if (JSON.stringify(before.mix) === JSON.stringify(mix)) return { id: cardId, version: before.version }
    if (!why)
      throw new FieldError([
        { field: 'why', message: 'Enter a reason. The earlier version is kept on the card.' },
      ])
    await tables.card_versions.create(
      { cardId, version: before.version + 1, mix, why, by, at },
      { transaction },
    )
    return { id: cardId, version: before.version + 1 }
  })
}

async function readVersion(tables: Tables, cardId: string, transaction: Transaction) {
  const version = await greatest(tables.card_versions, 'version', { cardId }, transaction)
  const [row] = await readRows(tables.card_versions, { where: { cardId, version }, transaction })
  if (!row) throw new NotFoundError('This card')
  return cardVersionSchema.parse({ version: row.version, mix: row.mix, why: row.why, by: row.by, at: row.at })
}

/** A batch as it is weighed in; its id, made by the device, keeps it from being made twice. */
export const newBatchSchema = z.strictObject({
  id: batchSchema.shape.id,
  cardId: label,
  version: positive.int(),
  weighed: batchSchema.shape.weighed,
  by: label,
})
export type NewBatch = z.infer<typeof newBatchSchema>

/** Records a batch mixed from a card; how long it stays usable follows from its inks. */
export async function makeBatch(input: NewBatch, at: string): Promise<void> {
  const batch = newBatchSchema.parse(input)
  await write(async (tables, transaction) => {
    if ((await tables.batches.count({ where: { id: batch.id }, transaction })) > 0) return
    if (
      (await tables.card_versions.count({
        where: { cardId: batch.cardId, version: batch.version },
        transaction,
      })) === 0
    )
      throw new NotFoundError('This card')
    const inks = await readRows(tables.inks, {
      where: { id: batch.weighed.map(({ inkId }) => inkId) },
      transaction,
    })
    if (inks.length < new Set(batch.weighed.map(({ inkId }) => inkId)).size)
      throw new FieldError([{ field: 'weighed', message: 'An ink of this batch is no longer on the shelf.' }])
    await tables.batches.create(
      { ...batch, additions: [], measured: null, madeAt: at, usableUntil: usableUntil(inks, at) },
      { transaction },
    )
  })
}

/** Keeps how a batch reads on paper. */
export async function measureBatch(batchId: string, measured: number[]): Promise<void> {
  await write(async (tables, transaction) => {
    const [changed] = await tables.batches.update(
      { measured: reflectanceSpectrum.parse(measured) },
      { where: { id: batchId }, transaction },
    )
    if (changed === 0) throw new NotFoundError('This batch')
  })
}

export const additionSchema = z.strictObject({ weighed: z.array(weighedInkSchema).min(1), by: label })

/** Records what was added to a batch; its earlier reading no longer holds. */
export async function addToBatch(
  batchId: string,
  input: z.infer<typeof additionSchema>,
  at: string,
): Promise<void> {
  const addition = { at, ...additionSchema.parse(input) }
  await write(async (tables, transaction) => {
    const [batch] = await readRows(tables.batches, { where: { id: batchId }, transaction })
    if (!batch) throw new NotFoundError('This batch')
    await tables.batches.update(
      { additions: [...batch.additions, addition], measured: null },
      { where: { id: batchId }, transaction },
    )
  })
}

/** Every card with its versions and batches, newest first, and the pulls that used it. */
export async function loadCards(): Promise<MixCard[]> {
  const { sequelize, tables } = await openDatabase()
  const [cards, versions, batches, used] = await Promise.all([
    readRows(tables.cards, {
      order: [
        ['createdAt', 'DESC'],
        ['id', 'ASC'],
      ],
    }),
    readRows(tables.card_versions, { order: ['version'] }),
    readRows(tables.batches, { order: ['madeAt'] }),
    sequelize.query<{ cardId: string; pulls: number }>(
      `SELECT json_extract(mix.value, '$.card.id') AS cardId, count(DISTINCT pulls.jobId || ' ' || pulls.id) AS pulls
       FROM pulls, json_each(coalesce(json_extract(settings, '$.ink.mixes'), json_array(json_extract(settings, '$.ink')))) AS mix
       GROUP BY 1`,
      { type: QueryTypes.SELECT },
    ),
  ])
  return cards.map(({ id, name }) =>
    mixCardSchema.parse({
      id,
      name,
      pulls: used.find(({ cardId }) => cardId === id)?.pulls ?? 0,
      versions: versions.filter(({ cardId }) => cardId === id).map(({ cardId: _, ...version }) => version),
      batches: batches.filter(({ cardId }) => cardId === id).map(({ cardId: _, ...batch }) => batch),
    }),
  )
}
