import Papa from 'papaparse'
import { convertLabToXyz } from '@/core/colour/convertXyzToLab'
import { convertXyzToSrgb } from '@/core/colour/convertXyzToSrgb'
import { COVERINGS } from '@/core/ink/estimateInk'
import { predictInk } from '@/core/ink/predictInk'
import { USUAL_SURFACE } from '@/core/ink/surface'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { SIZINGS } from '@/core/paper/substitutes'
import type { StoreInk } from './inks'
import { GRAINS } from './materialLists'
import type { StorePaper } from './store'

/** Film that an ink’s colour printed solid is told for, micrometres. */
const SOLID_MICROMETRES = 7

/** A list as a spreadsheet opens it; cells it would run as a formula are escaped. */
const csvOf = (rows: object[]): string => `\ufeff${Papa.unparse(rows, { escapeFormulae: true })}`

/** The papers of the stockroom as a list that comes in again as it went out, but for their colour. */
export const paperList = (papers: readonly StorePaper[]): string =>
  csvOf(
    papers.map((paper) => ({
      Name: paper.name,
      'Weight g/m²': paper.gsm,
      'Sheet width mm': paper.sheetWidthMm,
      'Sheet height mm': paper.sheetHeightMm,
      'Caliper mm': paper.caliperMm,
      Grain: GRAINS[paper.grain],
      Sheets: paper.sheetsLeft ?? '',
      Fibre: paper.fibre,
      Sizing: SIZINGS[paper.sizing],
      'Side to print on': paper.sides,
      'Price per sheet': paper.pricePerSheet ?? '',
      'Order at': paper.lowAt ?? '',
      Note: paper.note,
    })),
  )

/** How an ink covers: the nearest kind by how much it scatters. */
function coveringOf(s: readonly number[]): string {
  const mean = s.reduce((sum, one) => sum + one, 0) / s.length
  const far = ({ scattering }: { scattering: number }) => Math.abs(Math.log(mean / scattering))
  return Object.values(COVERINGS).toSorted((a, b) => far(a) - far(b))[0].label
}

/** The inks of the shelf as a list: their colour printed solid and what is left of them. Their readings stay here: what comes in from a list is estimated. */
export const inkList = (inks: readonly StoreInk[]): string =>
  csvOf(
    inks.map((ink) => {
      const { lab } = predictInk({
        inks: [{ name: ink.name, k: ink.k, s: ink.s }],
        parts: [1],
        filmMicrometres: SOLID_MICROMETRES,
        paper: [...RAG_WHITE],
        surface: USUAL_SURFACE,
        geometry: '45:0',
      })
      return {
        Name: ink.name,
        'Colour printed solid': convertXyzToSrgb(convertLabToXyz(lab)),
        Covers: coveringOf(ink.s),
        Kind: ink.kind,
        'Viscosity Pa·s': ink.viscosityPas,
        'Tube g': ink.tubeGrams ?? '',
        'Left g': ink.gramsNow === null ? '' : Number(ink.gramsNow.toFixed(1)),
        'Price per kg': ink.pricePerKg ?? '',
        Note: ink.note,
      }
    }),
  )
