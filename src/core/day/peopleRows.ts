import type { QueuedPerson } from './pressQueue'

/** A person as typed into a row of the queue; an empty number is taken as usual. */
export interface PersonRow {
  name: string
  prepMinutes: string
  pressMinutes: string
  thicknessMm: string
}
export type PersonCell = keyof PersonRow

/** What is taken where nothing is typed [common practice, no source]. */
export const USUAL_PERSON = { prepMinutes: 15, pressMinutes: 6, thicknessMm: 1 }
const NUMBERS = Object.keys(USUAL_PERSON) as (keyof typeof USUAL_PERSON)[]
export const EMPTY_ROW: PersonRow = { name: '', prepMinutes: '', pressMinutes: '', thicknessMm: '' }

/** What is wrong with a cell. */
export interface RowProblem {
  row: number
  cell: PersonCell
  message: string
}

/** A number as people write it in such a list: "12", "5,5", "20 min", "0.8 mm"; NaN where it is none. */
function readCell(text: string): number {
  const [, digits] = /^(\d+(?:[.,]\d+)?)\s*(?:min|mm)?$/.exec(text.trim()) ?? []
  return digits === undefined ? Number.NaN : Number(digits.replace(',', '.'))
}

const isEmpty = (row: PersonRow): boolean => Object.values(row).every((cell: string) => cell.trim() === '')

/**
 * Reads the rows of a queue; rows with nothing in them are passed over, and those that are wrong are left out and said.
 *
 * @example readPeopleRows([{ ...EMPTY_ROW, name: 'Ida', prepMinutes: '20 min' }]).people
 *   // [{ name: 'Ida', prepMinutes: 20, pressMinutes: 6, thicknessMm: 1 }]
 */
export function readPeopleRows(rows: readonly PersonRow[]): {
  people: QueuedPerson[]
  problems: RowProblem[]
} {
  const people: QueuedPerson[] = []
  const problems: RowProblem[] = []
  rows.forEach((row, at) => {
    if (isEmpty(row)) return
    const person = { name: row.name.trim(), ...USUAL_PERSON }
    const wrong: RowProblem[] = person.name ? [] : [{ row: at, cell: 'name', message: 'Enter a name.' }]
    for (const cell of NUMBERS) {
      if (row[cell].trim() === '') continue
      person[cell] = readCell(row[cell])
      if (Number.isNaN(person[cell]))
        wrong.push({ row: at, cell, message: `“${row[cell].trim()}” is not a number.` })
    }
    problems.push(...wrong)
    if (wrong.length === 0) people.push(person)
  })
  return { people, problems }
}

/** People as rows that can be typed on. */
export const writePeopleRows = (people: readonly QueuedPerson[]): PersonRow[] =>
  people.map((person) => ({
    name: person.name,
    prepMinutes: String(person.prepMinutes),
    pressMinutes: String(person.pressMinutes),
    thicknessMm: String(person.thicknessMm),
  }))

/**
 * Lays a list that was copied elsewhere into the rows from a row on: one person a line, cells apart by tabs or semicolons, in the order of
 * the table. What stood below moves down; a row that was empty is taken.
 *
 * @returns null where it is one cell, which goes into the field as any text does
 */
export function pasteRows(rows: readonly PersonRow[], at: number, text: string): PersonRow[] | null {
  if (!/[\n\t;]/.test(text.trim())) return null
  const laid = text
    .split(/\r?\n/)
    .filter((line) => line.trim() !== '')
    .map((line) => {
      const [name = '', prepMinutes = '', pressMinutes = '', thicknessMm = ''] = line
        .split(/[;\t]/)
        .map((cell) => cell.trim())
      return { name, prepMinutes, pressMinutes, thicknessMm }
    })
  const isTaken = rows[at] !== undefined && isEmpty(rows[at])
  return [...rows.slice(0, at), ...laid, ...rows.slice(isTaken ? at + 1 : at)]
}
