import type { FindOptions, Model } from 'sequelize'
import { asideWithin, type SetAside } from '@/core/document/setAside'
import { DOCUMENTS } from './documents'
import { isUnreadable } from './errors'
import type { Table, TableName } from './tables'

/** A row as the core's schemas read it: who said it by id is the people's own business. */
export type Plain<Row> = Omit<Row, 'byId'>

/**
 * Rows of a table as plain objects, their documents brought up to today's version.
 *
 * @returns the rows, and for each what its documents hold that this release does not know, told from the row's outside
 * @throws LaterDocumentError, ZodError where a document cannot be read
 */
export async function readKept<Row extends object>(
  table: Table<Row>,
  options: FindOptions<Row>,
): Promise<{ row: Plain<Row>; aside: SetAside[] }[]> {
  return (await table.findAll(options)).map((kept) => readOne(table, kept))
}

function readOne<Row extends object>(
  table: Table<Row>,
  kept: Model<Row, Row>,
): { row: Plain<Row>; aside: SetAside[] } {
  const { byId: _, ...row } = kept.get({ plain: true }) as Record<string, unknown>
  const aside: SetAside[] = []
  for (const [column, kind] of Object.entries(DOCUMENTS[table.tableName as TableName] ?? {})) {
    // A query may ask for some of the columns only.
    if (row[column] === undefined || row[column] === null) continue
    const read = kind.read(row[column])
    row[column] = read.value
    aside.push(...asideWithin([column], read.aside))
  }
  return { row: row as Plain<Row>, aside }
}

/** As `readRows` over many jobs: rows that cannot be read are left out, so that one job's trouble is not every job's. */
export async function readReadable<Row extends object>(
  table: Table<Row>,
  options: FindOptions<Row>,
): Promise<Plain<Row>[]> {
  return (await table.findAll(options)).flatMap((kept) => {
    try {
      return [readOne(table, kept).row]
    } catch (error) {
      if (isUnreadable(error)) return []
      throw error
    }
  })
}

/** As `readKept`, where nothing is put back. */
export async function readRows<Row extends object>(
  table: Table<Row>,
  options: FindOptions<Row>,
): Promise<Plain<Row>[]> {
  return (await readKept(table, options)).map(({ row }) => row)
}
