import { z } from 'zod'
import { leadSchema, pressDetailsSchema, usualScaleOf, type PressDetails } from '@/core/press/pressCard'
import type { Gauge } from '@/core/press/gauge'
import { type PressureScale } from '@/core/press/pressureScale'
import { turnsScale, USUAL_SCALES } from '@/core/press/usualScales'
import { label, moment, positive } from '@/core/units/schemas'
import { openDatabase, write } from '../database/database'
import { FieldError, NotFoundError } from '../database/errors'
import { readRows, type Plain } from '../database/readRows'
import { freeSlug } from '../database/slug'
import type { PressRow } from '../database/tables'

const length = (most: number) => positive.max(most, { error: `must be at most ${most} mm` })

/** A press as a person adds it; of one read in turns the lead follows from the thread, if it is known. */
export const newPressSchema = z.strictObject({
  name: label,
  rollerRadiusMm: length(1000),
  bedWidthMm: length(3000),
  ...pressDetailsSchema.shape,
  /** left out: as presses of its kind usually are */
  scale: pressDetailsSchema.shape.scale.optional(),
})
export type NewPress = z.input<typeof newPressSchema>

const storePressSchema = newPressSchema.extend({
  scale: pressDetailsSchema.shape.scale,
  id: label,
  zeroedAt: moment.nullable(),
})
/** A press of the store. */
export type StorePress = z.infer<typeof storePressSchema>

/** A press as the first releases knew it: by its lead, and by a gauge beside that. */
interface OfFirstReleases {
  kind?: string
  gauge?: Gauge
  mmPerTurn: number
  scale?: PressureScale | null
}

/** The scale of a press that was entered before presses had one: its gauge, the hand, or turns of its lead. */
function scaleOfFirstReleases({ kind, gauge, mmPerTurn }: OfFirstReleases): PressureScale {
  if (kind === 'hand') return USUAL_SCALES.hand
  if (gauge && gauge.length > 1)
    return {
      ...USUAL_SCALES.gauge,
      heavier: 'down',
      table: gauge,
      most: Math.max(100, gauge.at(-1)!.reading),
    }
  return turnsScale(mmPerTurn, kind === 'single-screw' ? 1 : 2)
}

/** A press as any release keeps it or takes it along. */
export const pressSchema = z.preprocess((kept) => {
  if (typeof kept !== 'object' || kept === null || !('mmPerTurn' in kept)) return kept
  const { gauge: _, mmPerTurn: __, scale, ...press } = kept as OfFirstReleases
  return { ...press, scale: scale ?? scaleOfFirstReleases(kept as OfFirstReleases) }
}, storePressSchema)

/** A press as its row says. */
export const readPress = (row: Plain<PressRow>): StorePress => pressSchema.parse(row)

/** A press as a row of the store. The columns of the first releases are filled with what those would read. */
export const pressRow = (press: StorePress): PressRow => ({
  ...press,
  mmPerTurn: press.scale.mmPerUnit ?? 1,
  gauge: [],
})

/** Its lead from its thread, where it is read in turns and one is given. @throws FieldError at the thread */
function withLead(scale: PressureScale, thread: string): PressureScale {
  if (scale.id !== 'turns' || thread.length === 0) return scale
  const lead = leadSchema.safeParse({ thread })
  if (!lead.success) throw new FieldError([{ field: 'thread', message: lead.error.issues[0].message }])
  return { ...scale, mmPerUnit: lead.data.mmPerTurn }
}

/** Adds a press to the store; a thread nobody can turn into a lead is said at its field. */
export async function addPress(input: NewPress): Promise<StorePress> {
  const { scale: said, ...press } = newPressSchema.parse(input)
  const scale = withLead(said ?? usualScaleOf(press.kind), press.thread)
  return write(async (tables, transaction) => {
    const id = await freeSlug(
      press.name,
      async (slug) => (await tables.presses.count({ where: { id: slug }, transaction })) > 0,
    )
    const added = { ...press, scale, id, zeroedAt: null }
    await tables.presses.create(pressRow(added), { transaction })
    return added
  })
}

/** Changes what is said of a press. */
export async function changePress(pressId: string, input: PressDetails): Promise<void> {
  const details = pressDetailsSchema.parse(input)
  await write(async (tables, transaction) => {
    const [changed] = await tables.presses.update(details, { where: { id: pressId }, transaction })
    if (changed === 0) throw new NotFoundError('This press')
  })
}

/** Whether each press of the store is pressed by hand, and how it presses, by its id. */
export type KnownPresses = Readonly<Record<string, Pick<StorePress, 'kind'>>>

/** Reads how each press of the store presses. */
export async function loadKnownPresses(): Promise<KnownPresses> {
  const { tables } = await openDatabase()
  const presses = await readRows(tables.presses, {})
  return Object.fromEntries(presses.map((row) => [row.id, { kind: readPress(row).kind }]))
}
