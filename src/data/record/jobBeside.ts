import { createHash } from 'node:crypto'
import type { Transaction } from 'sequelize'
import { z } from 'zod'
import { dayEventSchema, keptDaySchema } from '@/core/day/keptDay'
import { potWeighingSchema } from '@/core/ink/inkNeed'
import { mixSettingSchema } from '@/core/ink/mix'
import { blottingSchema } from '@/core/paper/blotting'
import { growthMarksSchema } from '@/core/paper/growth'
import { artworkSchema } from '@/core/plate/artwork'
import { bathCardSchema } from '@/core/plate/bathAccount'
import { biteStripSchema } from '@/core/plate/biteCurve'
import { bitePlanSchema } from '@/core/plate/bitePlan'
import { pressEventSchema } from '@/core/press/pressCard'
import { trialTakenAlong } from '@/core/press/pressureTrialDocument'
import type { JobFile } from '@/core/record/jobFile'
import { finite, label, moment, nonNegative, remark } from '@/core/units/schemas'
import { pressRow, readPress } from '../press/presses'
import { openDatabase } from '../database/database'
import { readRows } from '../database/readRows'
import type { Tables } from '../database/tables'
import { loadBaths } from '../plate/baths'
import { stockSchema } from '../shop/store'

/** Most entries of a kind that are taken in. */
const MOST = 10_000
const many = <S extends z.ZodType>(schema: S) => z.array(schema).max(MOST)
const said = { at: moment, by: label }

/**
 * What a job needs of the workshop it was made in, beside its file: the picture it was made from, how it was bitten, the papers, presses
 * and blankets it names, and what was learned of them.
 */
export const jobBesideSchema = z.strictObject({
  format: z.literal('typothesis-beside'),
  version: z.literal(1, { error: 'is from a later Typothesis' }),
  artwork: z.strictObject({ artwork: artworkSchema, at: moment }).nullable(),
  bitePlan: z
    .strictObject({
      strip: z.strictObject({ id: label, name: label, strip: biteStripSchema, at: moment }),
      plan: bitePlanSchema,
      at: moment,
    })
    .nullable(),
  stock: stockSchema.omit({ inks: true }),
  weighIns: many(z.strictObject({ paperId: label, seconds: nonNegative, uptakePercent: finite, at: moment })),
  growthMarks: many(z.strictObject({ marks: growthMarksSchema, at: moment })),
  blottings: many(z.strictObject({ blotting: blottingSchema, at: moment })),
  pressEvents: many(z.strictObject({ pressId: label, event: pressEventSchema, ...said })),
  washes: many(z.strictObject({ blanketId: label, ...said })),
  pressureTrials: many(z.strictObject({ pressId: label, trial: trialTakenAlong, ...said })),
  inkWeighings: many(potWeighingSchema.extend(said)),
  baths: many(bathCardSchema),
  cards: many(z.strictObject({ id: label, name: label, createdAt: moment })),
  cardVersions: many(
    z.strictObject({
      cardId: label,
      version: finite.int().positive(),
      mix: mixSettingSchema,
      why: remark,
      ...said,
    }),
  ),
  days: many(keptDaySchema.extend({ events: many(dayEventSchema.extend({ by: label })) })),
})
export type JobBeside = z.infer<typeof jobBesideSchema>

/** Gathers what a job needs beside its file. @param file the job as it is taken along: what it names is needed */
export async function gatherBeside(jobId: string, file: JobFile): Promise<JobBeside> {
  const { tables } = await openDatabase()
  const text = JSON.stringify(file)
  const named = ({ id }: { id: string }) => text.includes(JSON.stringify(id))
  // Settings name blankets as they are called, since they are said as layers.
  const namedSo = ({ name }: { name: string }) => text.includes(JSON.stringify(name))
  const [papers, presses, packs] = [
    (await readRows(tables.papers, {})).filter(named),
    (await readRows(tables.presses, {})).filter(named).map(readPress),
    (await readRows(tables.packs, {})).filter(namedSo),
  ]
  const laid = new Set<string>(packs.flatMap(({ blanketIds }) => blanketIds ?? []))
  const blankets = (await readRows(tables.blankets, {})).filter((one) => laid.has(one.id) || namedSo(one))
  const among = (rows: readonly { id: string }[]) => rows.map(({ id }) => id)
  const ofJob = { where: { jobId } }
  const [artwork] = await readRows(tables.artworks, ofJob)
  const [plan] = await readRows(tables.bite_plans, ofJob)
  const [strip] = plan ? await readRows(tables.bite_strips, { where: { id: plan.stripId } }) : []
  const plates = new Set(file.runs.flatMap(({ bench }) => (bench.plate ? [bench.plate.name] : [])))
  const cards = (await readRows(tables.cards, {})).filter(named)
  const days = await readRows(tables.days, ofJob)
  const events = await readRows(tables.day_events, { where: { dayId: among(days) }, order: ['id'] })
  const ofPapers = { where: { paperId: among(papers) }, order: ['id'] }
  return jobBesideSchema.parse({
    format: 'typothesis-beside',
    version: 1,
    artwork: artwork ? { artwork: artwork.artwork, at: artwork.at } : null,
    bitePlan: plan ? { strip, plan: plan.plan, at: plan.at } : null,
    stock: { papers, presses, packs, blankets },
    weighIns: (await readRows(tables.weigh_ins, ofPapers)).map(({ id: _, ...row }) => row),
    growthMarks: (await readRows(tables.growth_marks, ofPapers)).map(({ id: _, at, ...marks }) => ({
      marks,
      at,
    })),
    blottings: (await readRows(tables.blottings, ofPapers)).map(({ id: _, at, ...blotting }) => ({
      blotting,
      at,
    })),
    pressEvents: (
      await readRows(tables.press_events, { where: { pressId: among(presses) }, order: ['id'] })
    ).map(({ id: _, ...row }) => row),
    washes: (await readRows(tables.washes, { where: { blanketId: among(blankets) }, order: ['id'] })).map(
      ({ id: _, ...row }) => row,
    ),
    pressureTrials: (await readRows(tables.pressure_trials, { ...ofJob, order: ['id'] }))
      .filter(({ pressId }) => among(presses).includes(pressId))
      .map(({ id: _, jobId: __, ...row }) => row),
    inkWeighings: (await readRows(tables.ink_weighings, { ...ofJob, order: ['id'] })).map(
      ({ id: _, jobId: __, ...row }) => row,
    ),
    baths: (await loadBaths()).filter(({ uses }) => uses.some(({ plate }) => plates.has(plate))),
    cards,
    cardVersions: (
      await readRows(tables.card_versions, { where: { cardId: among(cards) }, order: ['version'] })
    ).map((row) => row),
    days: days.map(({ jobId: _, ...day }) => ({
      ...day,
      events: events.filter(({ dayId }) => dayId === day.id).map(({ id: __, dayId: ___, ...event }) => event),
    })),
  })
}

/** Those of a list whose id the workshop does not have yet: what it has stays as it is. */
async function fresh<Item extends { id: string }>(
  table:
    | Tables['papers']
    | Tables['presses']
    | Tables['packs']
    | Tables['blankets']
    | Tables['baths']
    | Tables['cards']
    | Tables['bite_strips'],
  items: readonly Item[],
  transaction: Transaction,
): Promise<Item[]> {
  const known = new Set(
    (await (table as Tables['papers']).findAll({ attributes: ['id'], transaction })).map((row) =>
      String(row.get('id')),
    ),
  )
  return items.filter(({ id }) => !known.has(id))
}

/** Lays what came beside a job into the workshop and to the job. Shelves that have a thing of the same id keep theirs, with its history. */
export async function layBeside(
  jobId: string,
  beside: JobBeside,
  { tables, transaction }: { tables: Tables; transaction: Transaction },
): Promise<void> {
  const options = { transaction }
  const { stock } = beside
  const papers = await fresh(tables.papers, stock.papers, transaction)
  const presses = await fresh(tables.presses, stock.presses, transaction)
  const packs = await fresh(tables.packs, stock.packs, transaction)
  const blankets = await fresh(tables.blankets, stock.blankets, transaction)
  const baths = await fresh(tables.baths, beside.baths, transaction)
  const cards = await fresh(tables.cards, beside.cards, transaction)
  const among = (items: readonly { id: string }[]) => {
    const ids = new Set(items.map(({ id }) => id))
    return (id: string) => ids.has(id)
  }
  const [isPaper, isPress, isBlanket, isCard] = [papers, presses, blankets, cards].map(among)
  await tables.papers.bulkCreate(papers, options)
  await tables.presses.bulkCreate(presses.map(pressRow), options)
  await tables.packs.bulkCreate(packs, options)
  await tables.blankets.bulkCreate(blankets, options)
  await tables.weigh_ins.bulkCreate(
    beside.weighIns.filter((row) => isPaper(row.paperId)),
    options,
  )
  await tables.growth_marks.bulkCreate(
    beside.growthMarks
      .filter(({ marks }) => isPaper(marks.paperId))
      .map(({ marks, at }) => ({ ...marks, at })),
    options,
  )
  await tables.blottings.bulkCreate(
    beside.blottings
      .filter(({ blotting }) => isPaper(blotting.paperId))
      .map(({ blotting, at }) => ({ ...blotting, at })),
    options,
  )
  await tables.press_events.bulkCreate(
    beside.pressEvents.filter((row) => isPress(row.pressId)),
    options,
  )
  await tables.washes.bulkCreate(
    beside.washes.filter((row) => isBlanket(row.blanketId)),
    options,
  )
  await tables.baths.bulkCreate(
    baths.map(({ uses: _, ...bath }) => bath),
    options,
  )
  await tables.bath_uses.bulkCreate(
    baths.flatMap(({ id, uses }) => uses.map((use) => ({ ...use, bathId: id }))),
    options,
  )
  await tables.cards.bulkCreate(cards, options)
  await tables.card_versions.bulkCreate(
    beside.cardVersions.filter((row) => isCard(row.cardId)),
    options,
  )
  const known = new Set(
    (await tables.presses.findAll({ attributes: ['id'], transaction })).map((row) => String(row.get('id'))),
  )
  await tables.pressure_trials.bulkCreate(
    beside.pressureTrials.filter((row) => known.has(row.pressId)).map((row) => ({ ...row, jobId })),
    options,
  )
  await tables.ink_weighings.bulkCreate(
    beside.inkWeighings.map((row) => ({ ...row, jobId })),
    options,
  )
  const { artwork, bitePlan } = beside
  if (artwork && (await tables.images.count({ where: { id: artwork.artwork.imageId }, transaction })) > 0)
    await tables.artworks.create({ jobId, ...artwork }, options)
  if (bitePlan) {
    await tables.bite_strips.bulkCreate(
      await fresh(tables.bite_strips, [bitePlan.strip], transaction),
      options,
    )
    await tables.bite_plans.create(
      { jobId, stripId: bitePlan.strip.id, plan: bitePlan.plan, at: bitePlan.at },
      options,
    )
  }
  for (const { events, id, ...day } of beside.days) {
    // Ids are of the device that began the day; here it is another job's.
    const dayId = createHash('sha256').update(`${jobId} ${id}`).digest('hex').slice(0, 32)
    await tables.days.create({ ...day, id: dayId, jobId }, options)
    await tables.day_events.bulkCreate(
      events.map((event) => ({ ...event, dayId })),
      options,
    )
  }
}
