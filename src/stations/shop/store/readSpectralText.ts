import {
  guessColumns,
  readCgats,
  readSpectralRows,
  type ColumnMapping,
  type SpectralFile,
  type TableRow,
} from '@/core/ink/spectralFile'

/** Largest spectral file taken, characters. */
const LARGEST = 5_000_000

/** A file opened: as spectra, or as a table whose columns may be mapped by hand. */
export interface OpenedFile {
  name: string
  file: SpectralFile
  table: { headings: string[]; rows: TableRow[]; mapping: ColumnMapping } | null
}

/** Opens a CGATS.17 or CSV text. */
export async function openSpectralText(name: string, text: string): Promise<OpenedFile> {
  if (text.length > LARGEST)
    return {
      name,
      table: null,
      file: {
        samples: [],
        geometry: null,
        percent: false,
        problems: [{ line: 1, field: 'file', message: 'is larger than a file of readings can be' }],
      },
    }
  if (/BEGIN_DATA_FORMAT|^CGATS/im.test(text)) return { name, table: null, file: readCgats(text) }
  const { default: Papa } = await import('papaparse')
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' })
  const [headings = [], ...body] = data
  const rows = body.map((cells, i) => ({ line: i + 2, cells }))
  return mapColumns(name, headings, rows, guessColumns(headings))
}

/** Reads a table again with other columns. */
export function mapColumns(
  name: string,
  headings: string[],
  rows: TableRow[],
  mapping: ColumnMapping,
): OpenedFile {
  return {
    name,
    table: { headings, rows, mapping },
    file: { ...readSpectralRows(headings, rows, mapping), geometry: null },
  }
}
