import { z } from 'zod'
import { resampleSpectrum } from '../colour/spectrum'
import type { Geometry } from './surface'

/** Samples one file may hold: a shelf, not a printer profile. */
export const MOST_SAMPLES = 500

/** One reading of a spectral file, at 380–730 nm by 10. */
export interface SpectralSample {
  name: string
  line: number
  reflectance: number[]
}

/** What a file held, or what is wrong with it and where. */
export interface SpectralFile {
  samples: SpectralSample[]
  /** as the file says; null when it says nothing: ask */
  geometry: Geometry | null
  /** values were percent and have been divided by 100 */
  percent: boolean
  problems: { line: number; field: string; message: string }[]
}

/** One row of a table with the line it stood on. */
export interface TableRow {
  line: number
  cells: string[]
}

const wavelengthOf = (field: string) => {
  const match = /^(?:SPECTRAL_|SPECTRAL_NM_?|SPECTRAL_NM|NM_?|R_?)?(\d{3})(?:\.0+)?(?:NM)?$/i.exec(
    field.trim(),
  )
  const nm = match ? Number(match[1]) : Number.NaN
  return nm >= 300 && nm <= 850 ? nm : null
}
const isName = (field: string) => /^(SAMPLE_?NAME|NAME|SAMPLE_?ID|SAMPLE|ID|INK|COLOU?R)$/i.test(field.trim())

/** Which columns hold what: guessed from the headings, and mapped by the person where the guess fails. */
export const columnMappingSchema = z.strictObject({
  name: z.number().int().nullable(),
  wavelengths: z.array(z.strictObject({ column: z.number().int(), nm: z.number() })),
})
export type ColumnMapping = z.infer<typeof columnMappingSchema>

/** Guesses the columns of a table from its headings. */
export function guessColumns(headings: readonly string[]): ColumnMapping {
  const names = headings
    .map((heading, column) => ({ column, preferred: /NAME|INK|COLOU?R/i.test(heading) }))
    .filter(({ column }) => isName(headings[column]))
  const wavelengths = headings.flatMap((heading, column) => {
    const nm = isName(heading) ? null : wavelengthOf(heading)
    return nm === null ? [] : [{ column, nm }]
  })
  return {
    name: (names.find(({ preferred }) => preferred) ?? names[0])?.column ?? null,
    wavelengths: wavelengths.sort((a, b) => a.nm - b.nm),
  }
}

/**
 * Reads rows of a table as spectra: even steps of wavelength, finite numbers, 0 to 1.2 or, where everything says so, percent.
 * A row with a fault is said with its line and field; the others are read.
 */
export function readSpectralRows(
  headings: readonly string[],
  rows: readonly TableRow[],
  mapping: ColumnMapping,
): Omit<SpectralFile, 'geometry'> {
  const { wavelengths, name } = mapping
  const whole = (message: string, field = 'file', line = 1): Omit<SpectralFile, 'geometry'> => ({
    samples: [],
    percent: false,
    problems: [{ line, field, message }],
  })
  if (rows.length > MOST_SAMPLES)
    return whole(
      `holds ${rows.length} samples; at most ${MOST_SAMPLES} are taken`,
      'file',
      rows[MOST_SAMPLES].line,
    )
  if (wavelengths.length < 8)
    return whole(
      `has ${wavelengths.length} columns of wavelengths; at least 8 are needed, headed such as 400 or SPECTRAL_NM_400`,
      'wavelengths',
    )
  const step = wavelengths[1].nm - wavelengths[0].nm
  const uneven = wavelengths.findIndex(
    ({ nm }, i) => i > 0 && Math.abs(nm - wavelengths[i - 1].nm - step) > 0.01,
  )
  if (uneven > 0)
    return whole(
      `steps unevenly at ${wavelengths[uneven].nm} nm`,
      headings[wavelengths[uneven].column] ?? 'wavelengths',
    )
  const cellAt = (cells: readonly string[], column: number | null) =>
    column === null ? '' : (cells[column] ?? '').trim()
  const problems: SpectralFile['problems'] = []
  const read = rows.flatMap(({ line, cells }) => {
    const values = wavelengths.map(({ column }) =>
      Number((cells[column] ?? '').trim().replace(',', '.') || Number.NaN),
    )
    const wrong = values.findIndex((value) => !Number.isFinite(value))
    if (wrong >= 0) {
      const { column } = wavelengths[wrong]
      problems.push({
        line,
        field: headings[column] ?? `column ${column + 1}`,
        message:
          cells[column] === undefined || cells[column].trim() === ''
            ? 'is missing'
            : `“${cells[column].trim()}” is not a number`,
      })
      return []
    }
    return [{ line, name: cellAt(cells, name) || `Sample, line ${line}`, values }]
  })
  const percent = read.length > 0 && Math.max(...read.flatMap(({ values }) => values)) > 2
  const samples = read.flatMap(({ line, name: label, values }) => {
    const shares = values.map((value) => (percent ? value / 100 : value))
    const wrong = shares.findIndex((value) => value < 0 || value > 1.2)
    if (wrong < 0)
      return [
        { line, name: label.slice(0, 120), reflectance: resampleSpectrum(wavelengths[0].nm, step, shares) },
      ]
    problems.push({
      line,
      field: headings[wavelengths[wrong].column] ?? 'wavelengths',
      message: `${values[wrong]} is outside 0 to ${percent ? '120 %' : '1.2'}`,
    })
    return []
  })
  return { samples, percent, problems }
}

const readGeometry = (text: string): Geometry | null => {
  const said = /(?:MEASUREMENT_GEOMETRY|GEOMETRY|MEASUREMENT_SOURCE)[^\n]*/i.exec(text)?.[0] ?? ''
  if (/45\s*°?\s*[/:]\s*0|0\s*°?\s*[/:]\s*45/.test(said)) return '45:0'
  return /d\s*(?:i)?\s*[/:]\s*8|8\s*[/:]\s*d|sphere/i.test(said) ? 'di:8' : null
}

/** Splits a line of a CGATS file: tabs or blanks, with quoted texts whole. */
const splitFields = (line: string) =>
  [...line.matchAll(/"([^"]*)"|(\S+)/g)].map(([, quoted, plain]) => quoted ?? plain)

/**
 * Reads a text file of spectral readings after CGATS.17 (ISO 28178): a format of fields between BEGIN_DATA_FORMAT and
 * END_DATA_FORMAT, and rows between BEGIN_DATA and END_DATA.
 */
export function readCgats(text: string): SpectralFile {
  const lines = text.split(/\r\n|\r|\n/)
  const geometry = readGeometry(text)
  const at = (keyword: string) => lines.findIndex((line) => line.trim().toUpperCase() === keyword)
  const missing = ['BEGIN_DATA_FORMAT', 'END_DATA_FORMAT', 'BEGIN_DATA', 'END_DATA'].find(
    (keyword) => at(keyword) < 0,
  )
  if (missing)
    return {
      samples: [],
      geometry,
      percent: false,
      problems: [
        { line: lines.length, field: missing, message: 'is missing: this is no complete CGATS.17 file' },
      ],
    }
  const fields = lines.slice(at('BEGIN_DATA_FORMAT') + 1, at('END_DATA_FORMAT')).flatMap(splitFields)
  const rows = lines
    .slice(at('BEGIN_DATA') + 1, at('END_DATA'))
    .flatMap((line, i): TableRow[] =>
      line.trim() ? [{ line: at('BEGIN_DATA') + 2 + i, cells: splitFields(line) }] : [],
    )
  const short = rows.find(({ cells }) => cells.length !== fields.length)
  if (short)
    return {
      samples: [],
      geometry,
      percent: false,
      problems: [
        {
          line: short.line,
          field: fields[short.cells.length] ?? 'row',
          message: `the row has ${short.cells.length} values and the format names ${fields.length} fields`,
        },
      ],
    }
  const declared = lines.map((line) => /^\s*NUMBER_OF_SETS\s+(\d+)/i.exec(line)?.[1]).find(Boolean)
  const result = readSpectralRows(fields, rows, guessColumns(fields))
  const counted =
    declared && Number(declared) !== rows.length
      ? [
          {
            line: at('END_DATA') + 1,
            field: 'NUMBER_OF_SETS',
            message: `says ${declared}, and ${rows.length} rows are there`,
          },
        ]
      : []
  return { ...result, geometry, problems: [...counted, ...result.problems] }
}
