import { formatFine } from '../units/quantity'
import { deltaE00 } from '../colour/deltaE00'
import { describeSpectrum } from '../colour/describeSpectrum'
import { formatNumber } from '../units/length'

/** How papers are sized, from the thirstiest on. */
export const SIZINGS = {
  unknown: 'not known',
  waterleaf: 'none (waterleaf)',
  soft: 'soft',
  medium: 'medium',
  hard: 'hard',
  coated: 'coated: takes no water',
} as const
export type Sizing = keyof typeof SIZINGS
const SIZING_STEPS: Record<Exclude<Sizing, 'unknown'>, number> = {
  waterleaf: 0,
  soft: 1,
  medium: 2,
  hard: 3,
  coated: 4,
}

/** The numbers by which papers are compared. */
export interface PaperNumbers {
  name: string
  gsm: number
  caliperMm: number
  fibre: string
  sizing: Sizing
  reflectance: readonly number[]
}

/** What counts as one step of difference [common practice, no source]: a tenth of the weight, a tenth of the caliper, a step of sizing, three ΔE00 of white. */
const STEP = { share: 0.1, whiteDeltaE: 3 } as const

/** A paper beside the one it might stand in for. */
export interface Substitute<Paper extends PaperNumbers> {
  paper: Paper
  steps: number
  differences: string[]
}

/** Bulk of a paper: grams a cubic centimetre. */
export const paperDensity = ({ gsm, caliperMm }: Pick<PaperNumbers, 'gsm' | 'caliperMm'>): number =>
  gsm / caliperMm / 1000

/** Mass by area of an unknown sheet that was weighed, g/m²: grams ÷ area. */
export function gsmOfSheet(grams: number, widthMm: number, heightMm: number): number {
  return (grams * 1e6) / (widthMm * heightMm)
}

/** Compares a paper to the one wanted: what differs, in words, and how many steps it is away in all (root of the sum of squares). */
export function comparePaper<Paper extends PaperNumbers>(
  wanted: PaperNumbers,
  paper: Paper,
): Substitute<Paper> {
  const differences: string[] = []
  const weight = paper.gsm / wanted.gsm - 1
  const caliper = paper.caliperMm / wanted.caliperMm - 1
  const white = deltaE00(describeSpectrum(wanted.reflectance).lab, describeSpectrum(paper.reflectance).lab)
  const sized =
    wanted.sizing === 'unknown' || paper.sizing === 'unknown'
      ? 0
      : SIZING_STEPS[paper.sizing] - SIZING_STEPS[wanted.sizing]
  if (Math.abs(weight) >= 0.02)
    differences.push(`${formatNumber(100 * Math.abs(weight), 0)} % ${weight > 0 ? 'heavier' : 'lighter'}`)
  if (Math.abs(paper.caliperMm - wanted.caliperMm) >= 0.01)
    differences.push(
      `${formatFine(Math.abs(paper.caliperMm - wanted.caliperMm), 2)} ${caliper > 0 ? 'thicker' : 'thinner'}`,
    )
  if (sized !== 0)
    differences.push(
      `${SIZINGS[paper.sizing]} instead of ${SIZINGS[wanted.sizing]} sizing: ${sized > 0 ? 'damp it longer' : 'damp it shorter'}`,
    )
  if (wanted.fibre && paper.fibre && wanted.fibre.toLowerCase() !== paper.fibre.toLowerCase())
    differences.push(`${paper.fibre} instead of ${wanted.fibre}`)
  if (white >= 1) differences.push(`white ${formatNumber(white, 1)} ΔE00 away`)
  return {
    paper,
    steps: Math.hypot(weight / STEP.share, caliper / STEP.share, sized, white / STEP.whiteDeltaE),
    differences,
  }
}

/** Papers that might stand in for one, the nearest first. */
export function substitutesFor<Paper extends PaperNumbers>(
  wanted: PaperNumbers,
  others: readonly Paper[],
): Substitute<Paper>[] {
  return others.map((paper) => comparePaper(wanted, paper)).sort((a, b) => a.steps - b.steps)
}
