import Papa from 'papaparse'
import { convertSrgbToLab } from '@/core/colour/convertSrgbToLab'
import { COVERINGS, type Covering } from '@/core/ink/estimateInk'
import { inkByEye, TAKEN_BY_EYE } from '@/core/ink/inkByEye'
import { UNKNOWN_TUBE } from '@/core/ink/shelfInk'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { SIZINGS, type Sizing } from '@/core/paper/substitutes'
import { CALIPER_TAKEN, usualCaliperMm } from '@/core/paper/usualCaliper'
import { parseLength } from '@/core/units/length'
import { parseSize } from '@/core/units/sizeLine'
import { readTypedNumber } from '@/core/units/typedNumber'
import { write } from '../database/database'
import { FieldError } from '../database/errors'
import { addInks, newInkSchema, type NewInk } from './inks'
import { addPaper, newPaperSchema, type NewPaper, type Store } from './store'

/** Largest list taken, characters. */
const LARGEST = 1_000_000

/** What a list of papers says of each, by what its columns may be called. */
const PAPER_COLUMNS = {
  name: /^(paper|name)/,
  gsm: /weight|gsm|g ?\/ ?m/,
  size: /^(sheet )?(size|format)/,
  width: /width/,
  height: /height|length/,
  caliper: /caliper|thick/,
  grain: /grain/,
  sheets: /^sheets|stock|count|quantity/,
  fibre: /^fib(re|er)/,
  sizing: /^sizing/,
  sides: /side/,
  price: /price/,
  lowAt: /order at|low at/,
  note: /note|remark/,
} as const
/** What a list of inks says of each. */
const INK_COLUMNS = {
  name: /^(ink|name)/,
  colour: /colou?r|hex/,
  covers: /cover|opacity/,
  kind: /^kind/,
  viscosity: /viscosity/,
  tube: /tube|tin/,
  left: /left/,
  price: /price/,
  note: /note|remark/,
} as const

/** What is wrong in a list, and where: its line, and the heading of the column. */
export interface ListProblem {
  line: number
  field: string
  message: string
}

/** A list as it was understood. */
export interface MaterialList {
  kind: 'papers' | 'inks'
  papers: NewPaper[]
  inks: NewInk[]
  /** what is in the stockroom already, and stays as it is there */
  there: string[]
  problems: ListProblem[]
}

type Cell = { text: string; heading: string }
/** Reads one line by what its columns mean. */
type CellOf<Columns> = (column: keyof Columns) => Cell

/** Where each meaning stands among headings; the first that fits has it. */
function placesOf<Columns extends Record<string, RegExp>>(headings: readonly string[], columns: Columns) {
  const said = headings.map((heading) => heading.trim().toLowerCase())
  return (column: keyof Columns) => said.findIndex((heading) => columns[column].test(heading))
}

/** A number as a person writes it; '' is none, what is no number is not a number. */
function numberOf({ text }: Cell): number | null {
  if (text === '') return null
  return readTypedNumber(text)?.value ?? Number.NaN
}

/** A length in millimetres: by its own unit, the heading's, or the workshop's. */
function lengthOf({ text, heading }: Cell): number {
  const unit = /\b(mm|cm|in|inch|inches)\b/.exec(heading.toLowerCase())?.[1].slice(0, 2) ?? ''
  const isBare = readTypedNumber(text)?.unit === ''
  return parseLength(isBare ? `${text} ${unit}` : text) ?? Number.NaN
}

/** The key of a choice, by the key itself or the words it is shown with. */
const keyOf = <Key extends string>(choices: Record<Key, string>, { text }: Cell): Key | null =>
  (Object.keys(choices) as Key[]).find((key) =>
    [key, choices[key]].some((one) => one.toLowerCase() === text.toLowerCase()),
  ) ?? null

/** How the grain is written in a list. */
export const GRAINS = { long: 'long', short: 'short', unknown: 'not known' } as const

function paperOf(cell: CellOf<typeof PAPER_COLUMNS>): { paper: unknown; fields: Record<string, string> } {
  const size = parseSize(cell('size').text)
  const gsm = numberOf(cell('gsm')) ?? Number.NaN
  const isMeasured = cell('caliper').text !== ''
  const width = cell('width').text === '' && size ? size.widthMm : lengthOf(cell('width'))
  const height = cell('height').text === '' && size ? size.heightMm : lengthOf(cell('height'))
  const sizing = cell('sizing').text === '' ? 'unknown' : keyOf<Sizing>(SIZINGS, cell('sizing'))
  const grain = cell('grain').text === '' ? 'unknown' : keyOf(GRAINS, cell('grain'))
  const note = cell('note').text
  const taken = isMeasured || note.includes(CALIPER_TAKEN) ? [] : [CALIPER_TAKEN]
  return {
    paper: {
      name: cell('name').text,
      gsm,
      caliperMm: isMeasured ? lengthOf(cell('caliper')) : usualCaliperMm(gsm),
      sheetWidthMm: width,
      sheetHeightMm: height,
      grain,
      sheetsReceived: numberOf(cell('sheets')) ?? 0,
      fibre: cell('fibre').text,
      sizing,
      sides: cell('sides').text,
      pricePerSheet: numberOf(cell('price')),
      lowAt: numberOf(cell('lowAt')),
      note: [note, ...taken].filter(Boolean).join(' '),
    },
    fields: {
      name: cell('name').heading,
      gsm: cell('gsm').heading,
      caliperMm: cell('caliper').heading,
      sheetWidthMm: cell('width').heading || cell('size').heading,
      sheetHeightMm: cell('height').heading || cell('size').heading,
      sheetsReceived: cell('sheets').heading,
      pricePerSheet: cell('price').heading,
      lowAt: cell('lowAt').heading,
    },
  }
}

function inkOf(cell: CellOf<typeof INK_COLUMNS>, at: string): { ink: unknown; wrong: string | null } {
  const hex = /^#?([\da-f]{6})$/i.exec(cell('colour').text)?.[1]
  if (!hex) return { ink: null, wrong: 'write the colour printed solid as #a02040' }
  const [r, g, b] = [0, 2, 4].map((from) => Number.parseInt(hex.slice(from, from + 2), 16) / 255)
  const covering =
    keyOf<Covering>(
      Object.fromEntries(Object.entries(COVERINGS).map(([key, { label }]) => [key, label])) as Record<
        Covering,
        string
      >,
      cell('covers'),
    ) ?? 'half-covering'
  const found = inkByEye(convertSrgbToLab(r, g, b), covering, RAG_WHITE)
  if (!found) return { ink: null, wrong: 'no ink on paper can have this colour' }
  const gramsLeft = numberOf(cell('left'))
  return {
    ink: {
      name: cell('name').text,
      kind: cell('kind').text.toLowerCase().startsWith('water') ? 'water-washable' : 'oil',
      ...found,
      source: 'estimated',
      viscosityPas: numberOf(cell('viscosity')) ?? 50,
      forecastable: true,
      note: cell('note').text || TAKEN_BY_EYE,
      ...UNKNOWN_TUBE,
      tubeGrams: numberOf(cell('tube')),
      gramsLeft,
      weighedAt: gramsLeft === null ? null : at,
      pricePerKg: numberOf(cell('price')),
    },
    wrong: null,
  }
}

const same = (one: string, other: string) =>
  one.localeCompare(other, undefined, { sensitivity: 'accent' }) === 0

/** The lines of a list under its headings. @throws FieldError where there is none */
function linesOf(text: string): { headings: string[]; lines: string[][] } {
  if (text.length > LARGEST)
    throw new FieldError([{ field: 'file', message: 'The list is larger than a stockroom can be.' }])
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' })
  const [headings = [], ...lines] = data
  if (lines.length === 0)
    throw new FieldError([
      {
        field: 'file',
        message: 'Nothing is in it: the first line names the columns, one thing a line follows.',
      },
    ])
  return { headings, lines }
}

/**
 * Reads a list of papers or inks that was written with a spreadsheet. Columns may stand in any order and be called in several ways; a list
 * with weights is of papers, one with colours of inks.
 *
 * @param own what is in the stockroom already @param at now, for what was weighed
 * @throws FieldError where nothing can be read at all
 */
export function readMaterialList(
  text: string,
  own: Pick<Store, 'inks' | 'papers'>,
  at: string,
): MaterialList {
  const { headings, lines } = linesOf(text)
  const list: MaterialList = { kind: 'papers', papers: [], inks: [], there: [], problems: [] }
  const cellsBy =
    <Columns extends Record<string, RegExp>>(columns: Columns) =>
    (cells: readonly string[]): CellOf<Columns> => {
      const place = placesOf(headings, columns)
      return (column) => {
        const at_ = place(column)
        return at_ < 0
          ? { text: '', heading: '' }
          : { text: (cells[at_] ?? '').replace(/^'(?=[=+\-@])/, '').trim(), heading: headings[at_].trim() }
      }
    }
  const isOfPapers = placesOf(headings, PAPER_COLUMNS)('gsm') >= 0
  if (!isOfPapers && placesOf(headings, INK_COLUMNS)('colour') < 0)
    throw new FieldError([
      {
        field: 'file',
        message:
          'The first line has to name the columns: name, weight and size for papers; name and colour for inks.',
      },
    ])
  list.kind = isOfPapers ? 'papers' : 'inks'
  const wrong = (line: number, field: string, message: string) => list.problems.push({ line, field, message })
  lines.forEach((cells, i) => {
    const line = i + 2
    if (isOfPapers) {
      const { paper, fields } = paperOf(cellsBy(PAPER_COLUMNS)(cells))
      const read = newPaperSchema.safeParse(paper)
      if (!read.success) {
        const [{ path, message }] = read.error.issues
        return wrong(line, fields[String(path[0])] || String(path[0]), message)
      }
      const { name, gsm, sheetWidthMm, sheetHeightMm } = read.data
      const isThere = [...own.papers, ...list.papers].some(
        (one) =>
          same(one.name, name) &&
          one.gsm === gsm &&
          one.sheetWidthMm === sheetWidthMm &&
          one.sheetHeightMm === sheetHeightMm,
      )
      if (isThere) list.there.push(name)
      else list.papers.push(read.data)
      return undefined
    }
    const cell = cellsBy(INK_COLUMNS)(cells)
    const { ink, wrong: message } = inkOf(cell, at)
    if (message) return wrong(line, cell('colour').heading, message)
    const read = newInkSchema.safeParse(ink)
    if (!read.success) {
      const [issue] = read.error.issues
      return wrong(line, String(issue.path[0]), issue.message)
    }
    if ([...own.inks, ...list.inks].some((one) => same(one.name, read.data.name)))
      list.there.push(read.data.name)
    else list.inks.push(read.data)
    return undefined
  })
  return list
}

/** Brings in what a list has that is not there yet, all of it or nothing; lines that cannot be read are left out. @returns how many things came in */
export async function bringInList(list: Pick<MaterialList, 'papers' | 'inks'>): Promise<number> {
  return write(async () => {
    for (const paper of list.papers) await addPaper(paper, [...RAG_WHITE])
    if (list.inks.length > 0) await addInks(list.inks)
    return list.papers.length + list.inks.length
  })
}
