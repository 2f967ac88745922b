import type { Model, ModelStatic, Sequelize, Transaction } from 'sequelize'
import { DOCUMENTS } from './documents'
import { personFor } from './personFor'
import type { Held } from './migrations/columns'
import { sumOfColumns } from './migrations/migration'
import { MIGRATIONS } from './migrations/migrations'

type KeysOf<T> = T extends unknown ? keyof T : never
type AllOf<T> = (T extends unknown ? (one: T) => void : never) extends (all: infer All) => void ? All : never
type Changes = (typeof MIGRATIONS)[number]['columns']

/** Names of the tables. */
export type TableName = KeysOf<Changes>
/** Every column of a table, from all changes that speak of it. */
type ColumnsOf<T extends TableName> = AllOf<
  Changes extends infer C ? (C extends { [K in T]: infer Columns } ? Columns : never) : never
>
/** Columns of a table that a later change took away. */
type DroppedOf<T extends TableName> = (typeof MIGRATIONS)[number] extends infer M
  ? M extends { drops: { [K in T]: readonly (infer Name)[] } }
    ? Name
    : never
  : never
type Counted<C> = { [K in keyof C]: C[K] extends { autoIncrement: true } ? K : never }[keyof C]

/** A row as it lies in the database. Moments are ISO 8601 in UTC; whole documents are JSON, read with the core's schemas. */
export type Row<T extends TableName> = {
  [K in Exclude<keyof ColumnsOf<T>, Counted<ColumnsOf<T>> | DroppedOf<T>>]: Held<ColumnsOf<T>[K]>
} & { [K in Counted<ColumnsOf<T>>]?: Held<ColumnsOf<T>[K]> }

export type WorkshopRow = Row<'workshops'>
export type MorningRow = Row<'mornings'>
export type InkRow = Row<'inks'>
export type CardRow = Row<'cards'>
export type CardVersionRow = Row<'card_versions'>
export type BatchRow = Row<'batches'>
export type BathRow = Row<'baths'>
export type BathUseRow = Row<'bath_uses'>
export type BiteStripRow = Row<'bite_strips'>
export type BitePlanRow = Row<'bite_plans'>
export type CalibrationRow = Row<'calibrations'>
export type InkWeighingRow = Row<'ink_weighings'>
export type PaperRow = Row<'papers'>
export type WeighInRow = Row<'weigh_ins'>
export type PressRow = Row<'presses'>
export type PackRow = Row<'packs'>
export type PressEventRow = Row<'press_events'>
export type BlanketRow = Row<'blankets'>
export type WashRow = Row<'washes'>
export type PressureTrialRow = Row<'pressure_trials'>
export type MisfitRow = Row<'misfits'>
export type DeskMeetingRow = Row<'desk_meetings'>
export type UnlockRow = Row<'unlocks'>
export type CustodyRow = Row<'custody'>
export type ImageRow = Row<'images'>
export type JobRow = Row<'jobs'>
export type RunRow = Row<'runs'>
export type SheetMarkRow = Row<'sheet_marks'>
export type GivenSheetRow = Row<'given_sheets'>
export type SortingRow = Row<'sortings'>
export type PlateStateRow = Row<'plate_states'>
export type PullRow = Row<'pulls'>
export type PullEventRow = Row<'pull_events'>
export type BatRow = Row<'bats'>
export type PrintRow = Row<'prints'>
export type DryingRow = Row<'dryings'>
export type ArtworkRow = Row<'artworks'>
export type ProcedureRow = Row<'procedures'>
export type MakingRow = Row<'makings'>
export type MakingEventRow = Row<'making_events'>
export type ZoneMapRow = Row<'zone_maps'>
export type WatchSpotRow = Row<'watch_spots'>
export type FacingRow = Row<'facings'>
export type CollePieceRow = Row<'colle_pieces'>
export type DayRow = Row<'days'>
export type DayEventRow = Row<'day_events'>
export type QueueRow = Row<'queues'>
export type GrowthMarksRow = Row<'growth_marks'>
export type StockMoveRow = Row<'stock_moves'>
export type BlottingRow = Row<'blottings'>
export type DryingPlaceRow = Row<'drying_places'>
export type DryingLoadRow = Row<'drying_loads'>
export type DryingChangeRow = Row<'drying_changes'>

export type PersonRow = Row<'people'>

/** A table of the database by the shape of its rows. */
export type Table<Shape extends object> = ModelStatic<Model<Shape, Shape>>

/** The models of one open database. */
export type Tables = { [T in TableName]: Table<Row<T>> }

/** Columns that say when an entry was made; a table has one of them. */
const MOMENTS = ['at', 'laidAt', 'madeAt']

/** What writes rows, and whether it takes one or many. */
const WRITES = { create: 'one', bulkCreate: 'many', update: 'one', upsert: 'one' } as const

/**
 * Looks over everything that is written: a column the table does not have is an error of whoever wrote it (the interface to the database
 * would drop it without a word), documents are written strictly, with their version, and who said it gets the id of the person of that name.
 */
function guardWrites(name: TableName, model: ModelStatic<Model>, people: () => Table<PersonRow>): void {
  const known = new Set(Object.keys(model.getAttributes()))
  const documents = DOCUMENTS[name] ?? {}
  const asKept = (row: object) =>
    Object.fromEntries(
      Object.entries(row).map(([column, value]) => {
        if (!known.has(column)) throw new Error(`the table ${name} has no column ${column}`)
        return [column, column in documents && value !== null ? documents[column].write(value) : value]
      }),
    )
  const momentOf = (row: Record<string, unknown>) =>
    MOMENTS.map((column) => row[column]).find(Boolean) as string
  const byPerson = async (row: Record<string, unknown>, options?: { transaction?: Transaction }) =>
    known.has('byId') && typeof row.by === 'string'
      ? { ...row, byId: await personFor(people(), row.by, momentOf(row), options?.transaction) }
      : row
  for (const [write, takes] of Object.entries(WRITES)) {
    const act = model[write as 'create'].bind(model) as (...args: unknown[]) => unknown
    Object.defineProperty(model, write, {
      value: async (values: object | object[], ...rest: unknown[]) => {
        if (takes === 'many') return act((values as object[]).map(asKept), ...rest)
        const row = asKept(values)
        // What comes in many at once is another workshop's: its people are not ours.
        return act(write === 'create' ? await byPerson(row, rest[0] as object) : row, ...rest)
      },
    })
  }
}

/** Ties the tables to an open connection. */
export function defineTables(sequelize: Sequelize): Tables {
  const models = Object.entries(sumOfColumns(MIGRATIONS)).map(([name, columns]) => {
    const model = sequelize.define(name, columns, { tableName: name, timestamps: false })
    guardWrites(name as TableName, model, () => sequelize.model('people') as Table<PersonRow>)
    return [name, model]
  })
  return Object.fromEntries(models) as unknown as Tables
}
