import { z } from 'zod'
import { label, positive } from '../units/schemas'

/** How much a paper grows from dry to damp, percent along and across its grain. */
export interface PaperGrowth {
  alongPercent: number
  acrossPercent: number
}

/** What is taken for a paper nobody has measured: about 1 to 2 % across the grain, 0.2 to 0.5 % along it [from memory]. */
export const USUAL_GROWTH: PaperGrowth = { alongPercent: 0.35, acrossPercent: 1.5 }

/** Two marks on a sheet, measured dry and then damp, along or across its grain. */
export const growthMarksSchema = z
  .strictObject({
    paperId: label,
    direction: z.enum(['along', 'across']),
    dryMm: positive.max(3000, { error: 'must be at most 3000 mm' }),
    dampMm: positive.max(3000, { error: 'must be at most 3000 mm' }),
  })
  .superRefine(({ dryMm, dampMm }, context) => {
    const percent = growthPercent(dryMm, dampMm)
    if (percent < -0.5)
      context.addIssue({
        code: 'custom',
        path: ['dampMm'],
        message: 'a damp sheet is not smaller than the dry one: were the two changed?',
      })
    if (percent > 8)
      context.addIssue({
        code: 'custom',
        path: ['dampMm'],
        message: 'no paper grows by more than 8 %: measure again',
      })
  })
export type GrowthMarks = z.infer<typeof growthMarksSchema>

/** Growth between two marks, percent: (damp − dry) / dry. */
export function growthPercent(dryMm: number, dampMm: number): number {
  return (100 * (dampMm - dryMm)) / dryMm
}

/** What is known of a paper's growth, and from how many measurements each way; 0: the usual is taken. */
export interface LearnedGrowth extends PaperGrowth {
  alongFrom: number
  acrossFrom: number
}

/** Growth of a paper from its measured marks: the mean each way, weighted by the length measured; the usual where there is none. */
export function learnGrowth(
  marks: readonly Pick<GrowthMarks, 'direction' | 'dryMm' | 'dampMm'>[],
): LearnedGrowth {
  const of = (direction: GrowthMarks['direction'], usual: number) => {
    const own = marks.filter((one) => one.direction === direction)
    const sum = (key: 'dryMm' | 'dampMm') => own.reduce((total, one) => total + one[key], 0)
    return {
      percent: own.length === 0 ? usual : growthPercent(sum('dryMm'), sum('dampMm')),
      from: own.length,
    }
  }
  const [along, across] = [of('along', USUAL_GROWTH.alongPercent), of('across', USUAL_GROWTH.acrossPercent)]
  return {
    alongPercent: along.percent,
    acrossPercent: across.percent,
    alongFrom: along.from,
    acrossFrom: across.from,
  }
}

type Size = { widthMm: number; heightMm: number }

/** Growth of width and height of a sheet whose grain is known: long grain runs with the longer side; an unknown one may go either way and is taken as the mean. */
export function growthOfSides(
  { widthMm, heightMm }: Size,
  grain: 'long' | 'short' | 'unknown',
  { alongPercent, acrossPercent }: PaperGrowth,
): { widthPercent: number; heightPercent: number } {
  const mean = (alongPercent + acrossPercent) / 2
  if (grain === 'unknown') return { widthPercent: mean, heightPercent: mean }
  const runsWithHeight = heightMm >= widthMm === (grain === 'long')
  return runsWithHeight
    ? { widthPercent: acrossPercent, heightPercent: alongPercent }
    : { widthPercent: alongPercent, heightPercent: acrossPercent }
}

/** Size of a sheet once it is damp. */
export function dampSize(sheet: Size, grain: 'long' | 'short' | 'unknown', growth: PaperGrowth): Size {
  const { widthPercent, heightPercent } = growthOfSides(sheet, grain, growth)
  return {
    widthMm: sheet.widthMm * (1 + widthPercent / 100),
    heightMm: sheet.heightMm * (1 + heightPercent / 100),
  }
}

/** Size of the sheet as it lies on the bed: dry, or damp and grown. */
export function sheetOnTheBed(
  {
    sheetWidthMm: widthMm,
    sheetHeightMm: heightMm,
    grain,
  }: { sheetWidthMm: number; sheetHeightMm: number; grain: 'long' | 'short' | 'unknown' },
  state: 'dry' | 'damp',
  growth: PaperGrowth,
): Size {
  return state === 'dry' ? { widthMm, heightMm } : dampSize({ widthMm, heightMm }, grain, growth)
}

/** Size of the plate's mark on the dry print: the sheet shrinks back and takes the mark with it. */
export function dryPlateMark(
  plate: Size,
  sheet: Size,
  grain: 'long' | 'short' | 'unknown',
  growth: PaperGrowth,
): Size {
  const { widthPercent, heightPercent } = growthOfSides(sheet, grain, growth)
  return {
    widthMm: plate.widthMm / (1 + widthPercent / 100),
    heightMm: plate.heightMm / (1 + heightPercent / 100),
  }
}

/** How far a second colour strays at the plate's edge when its sheet is damped only to a share of the first time's growth, mm each way from the middle. */
export function strayOfDrierRun(
  plate: Size,
  sheet: Size,
  grain: 'long' | 'short' | 'unknown',
  growth: PaperGrowth,
  share: number,
): { xMm: number; yMm: number } {
  const { widthPercent, heightPercent } = growthOfSides(sheet, grain, growth)
  const stray = (side: number, percent: number) =>
    (side / 2) * (1 - (1 + (percent * share) / 100) / (1 + percent / 100))
  return { xMm: stray(plate.widthMm, widthPercent), yMm: stray(plate.heightMm, heightPercent) }
}
