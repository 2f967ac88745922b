import { QueryTypes } from 'sequelize'
import { z } from 'zod'
import { reflectanceSpectrum } from '@/core/colour/spectrum'
import { blanketSchema, layerOfBlanket } from '@/core/press/blanket'
import { laidLayerSchema } from '@/core/press/pressSetting'
import { shelfInkSchema } from '@/core/ink/shelfInk'
import {
  PAPER_COLOURS,
  reflectanceOfPaper,
  type PaperColour,
  type PaperColourFrom,
} from '@/core/paper/paperColour'
import { SIZINGS, type Sizing } from '@/core/paper/substitutes'
import type { ShelvedThing } from '@/core/units/onShelf'
import { count, label, positive, remark } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { NotFoundError } from '../database/errors'
import { loadInks, type StoreInk } from './inks'
import { countJobs } from './jobCounts'
import { readRows } from '../database/readRows'
import { whileUnchanged } from '../database/remembered'
import { freeSlug } from '../database/slug'
import { loadPutAway } from './shelves'
import { pressRow, pressSchema, readPress, type StorePress } from '../press/presses'
import type { PaperRow } from '../database/tables'

/** A thing that may have been put away. */
type MayBeAway = Pick<ShelvedThing, 'putAwayAt'>

const length = (most: number) => positive.max(most, { error: `must be at most ${most} mm` })

/** What is said of a paper beside its measures, and may change later. */
export const paperDetailsSchema = z.strictObject({
  fibre: z.string().trim().max(60, { error: 'must be at most 60 characters' }).default(''),
  sizing: z.enum(Object.keys(SIZINGS) as [Sizing, ...Sizing[]]).default('unknown'),
  /** which side is printed, and how it is known */
  sides: z.string().trim().max(120, { error: 'must be at most 120 characters' }).default(''),
  pricePerSheet: positive.max(100_000, { error: 'must be at most 100000' }).nullable().default(null),
  /** ordered again when so few stay free */
  lowAt: count.max(100_000, { error: 'must be at most 100000' }).nullable().default(null),
  note: remark,
})
export type PaperDetails = z.infer<typeof paperDetailsSchema>

/** A paper as a person adds it. */
export const newPaperSchema = z.strictObject({
  name: label,
  gsm: positive.max(2000, { error: 'must be at most 2000 g/m²' }),
  caliperMm: length(5),
  sheetWidthMm: length(3000),
  sheetHeightMm: length(3000),
  grain: z.enum(['long', 'short', 'unknown']),
  sheetsReceived: count.max(1_000_000, { error: 'must be at most 1000000' }),
  ...paperDetailsSchema.shape,
})
export type NewPaper = z.input<typeof newPaperSchema>
const paperSchema = newPaperSchema.extend({
  id: label,
  reflectance: reflectanceSpectrum,
  colourFrom: z.enum(Object.keys(PAPER_COLOURS) as [PaperColourFrom, ...PaperColourFrom[]]).default('taken'),
})
/** A paper of the store; what is left is counted from the stock book and the pulls and never asked for; null: nobody counted, none came in by the book. */
export type StorePaper = z.infer<typeof paperSchema> & { sheetsLeft: number | null } & MayBeAway

const shelfBlanketSchema = blanketSchema.safeExtend({ id: label })
/** A blanket of the shelf, and when it was last washed. */
export type StoreBlanket = z.infer<typeof shelfBlanketSchema> & { washedAt: string | null }

const packSchema = z.strictObject({
  id: label,
  name: label,
  layers: z.array(laidLayerSchema).min(1).max(8),
  /** from the sheet upward; null: layers nobody laid from the shelf */ blanketIds: z
    .array(label)
    .min(1)
    .max(8)
    .nullable()
    .default(null),
})
/** Blankets laid together, from the sheet upward; those from the shelf as they are now. */
export type StorePack = z.infer<typeof packSchema> & MayBeAway

/** What a new workshop can be stocked with. */
export const stockSchema = z.strictObject({
  inks: z.array(shelfInkSchema),
  papers: z.array(paperSchema),
  presses: z.array(pressSchema),
  packs: z.array(packSchema),
  blankets: z.array(shelfBlanketSchema).default([]),
})
export type Stock = z.infer<typeof stockSchema>

/** Shelf and store of the workshop. */
export interface Store {
  inks: StoreInk[]
  papers: StorePaper[]
  presses: (StorePress & MayBeAway)[]
  packs: StorePack[]
  blankets: StoreBlanket[]
}

/** Puts a whole stock on the shelves; things that are there already stay as they are. */
export async function stockStore(input: z.input<typeof stockSchema>): Promise<void> {
  const { inks, papers, presses, packs, blankets } = stockSchema.parse(input)
  await write(async (tables, transaction) => {
    const options = { transaction, ignoreDuplicates: true }
    await tables.inks.bulkCreate(inks, options)
    await tables.papers.bulkCreate(papers, options)
    await tables.presses.bulkCreate(presses.map(pressRow), options)
    await tables.packs.bulkCreate(packs, options)
    await tables.blankets.bulkCreate(blankets, options)
  })
}

/** Sheets of all jobs that went through a press, by paper. */
async function sheetsPulled(): Promise<Map<string, number>> {
  const sheets = new Map<string, number>()
  for (const { sheets: ofJob } of (await countJobs()).values())
    for (const one of ofJob) sheets.set(one.paperId, (sheets.get(one.paperId) ?? 0) + one.sheets)
  return sheets
}

/** Reads shelf and store in the order things came in; every sheet that went through a press is off the stock. */
export const loadStore = (): Promise<Store> => whileUnchanged('store', readStore)

async function readStore(): Promise<Store> {
  const { sequelize, tables } = await openDatabase()
  const all = { order: sequelize.literal('rowid') }
  const [inks, papers, presses, packs, blankets, washed, used, moves, awayAt] = await Promise.all([
    loadInks(),
    readRows(tables.papers, all),
    readRows(tables.presses, all),
    readRows(tables.packs, all),
    readRows(tables.blankets, all),
    sequelize.query<{ blanketId: string; at: string }>(
      'SELECT blanketId, max(at) AS at FROM washes GROUP BY blanketId',
      { type: QueryTypes.SELECT },
    ),
    sheetsPulled(),
    sequelize.query<{ paperId: string; sheets: number }>(
      'SELECT paperId, sum(change) AS sheets FROM stock_moves GROUP BY paperId',
      { type: QueryTypes.SELECT },
    ),
    loadPutAway(),
  ])
  const moved = new Map(moves.map(({ paperId, sheets }) => [paperId, sheets]))
  const shelf = blankets.map((row) => ({
    ...shelfBlanketSchema.parse(row),
    washedAt: washed.find(({ blanketId }) => blanketId === row.id)?.at ?? null,
  }))
  return {
    inks,
    papers: papers
      .map((row) => paperSchema.parse(row))
      .map((paper) => ({
        ...paper,
        sheetsLeft: leftByTheBook(paper, moved.get(paper.id) ?? null, used.get(paper.id) ?? 0),
        putAwayAt: awayAt('papers', paper.id),
      })),
    presses: presses.map(readPress).map((press) => ({ ...press, putAwayAt: awayAt('presses', press.id) })),
    packs: packs
      .map((row) => packSchema.parse(row))
      .map((pack) => ({
        ...pack,
        layers: pack.blanketIds ? layersNow(pack.blanketIds, shelf) : pack.layers,
        putAwayAt: awayAt('packs', pack.id),
      })),
    blankets: shelf,
  }
}

/** What lies there by the book; null: nobody counted. @param moved sum of the book's entries; null: none was made */
const leftByTheBook = (
  { sheetsReceived }: Pick<PaperRow, 'sheetsReceived'>,
  moved: number | null,
  used: number,
): number | null => (sheetsReceived === 0 && moved === null ? null : sheetsReceived + (moved ?? 0) - used)

/** How many sheets of one paper lie in the store; null: it is not in it, or nobody counted. @param paperId undefined: none is on the bench */
export async function sheetsLeftOf(paperId: string | undefined): Promise<number | null> {
  if (paperId === undefined) return null
  const { tables } = await openDatabase()
  const [[row], moves, used] = await Promise.all([
    readRows(tables.papers, { where: { id: paperId } }),
    readRows(tables.stock_moves, { where: { paperId } }),
    sheetsPulled(),
  ])
  const moved = moves.length === 0 ? null : moves.reduce((sum, { change }) => sum + change, 0)
  return row ? leftByTheBook(row, moved, used.get(paperId) ?? 0) : null
}

/** A pack's layers as its blankets are now. */
const layersNow = (ids: readonly string[], shelf: readonly StoreBlanket[]) =>
  ids.flatMap((id) => shelf.filter((blanket) => blanket.id === id).map(layerOfBlanket))

/** Adds a paper to the store. @param reflectance its white, 36 values @returns its id */
export async function addPaper(input: NewPaper, reflectance: number[]): Promise<string> {
  const paper = newPaperSchema.parse(input)
  return write(async (tables, transaction) => {
    const row: PaperRow = {
      ...paper,
      id: await freeSlug(
        paper.name,
        async (id) => (await tables.papers.count({ where: { id }, transaction })) > 0,
      ),
      reflectance: reflectanceSpectrum.parse(reflectance),
      colourFrom: 'taken',
    }
    await tables.papers.create(row, { transaction })
    return row.id
  })
}

/** Changes what is said of a paper. */
export async function changePaper(paperId: string, input: PaperDetails): Promise<void> {
  const details = paperDetailsSchema.parse(input)
  await write(async (tables, transaction) => {
    const [changed] = await tables.papers.update(details, { where: { id: paperId }, transaction })
    if (changed === 0) throw new NotFoundError('This paper')
  })
}

/** Says what colour a paper has, and how that is known. @throws ZodError naming the field; NotFoundError */
export async function setPaperColour(paperId: string, colour: PaperColour): Promise<void> {
  const reflectance = reflectanceOfPaper(colour)
  await write(async (tables, transaction) => {
    const [changed] = await tables.papers.update(
      { reflectance, colourFrom: colour.from },
      { where: { id: paperId }, transaction },
    )
    if (changed === 0) throw new NotFoundError('This paper')
  })
}
