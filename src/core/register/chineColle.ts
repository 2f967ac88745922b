import { z } from 'zod'
import { boundsOf, pointSchema, type Outline, type Point } from '../geometry/polygon'
import { largestOutline, offsetShape, shapeArea } from '../geometry/shapes'
import { planTearing } from '../paper/tearPlan'
import { count, finite, label, positive } from '../units/schemas'

/** How the paste comes on, and how much of it a square decimetre takes, g dry starch [common practice, no source]. */
export const PASTES = {
  brushed: { label: 'Brushed: thinned starch paste', starchGramsPerDm2: 0.12, waterPerStarch: 12 },
  dusted: {
    label: 'Dusted: dry wheat starch through cloth, on damp paper',
    starchGramsPerDm2: 0.08,
    waterPerStarch: 0,
  },
} as const
export type Paste = keyof typeof PASTES

/** Whether the piece is cut beforehand to a template, or laid over and trimmed on the plate. */
export const FITTINGS = { template: 'Cut to a template', trimmed: 'Trimmed on the plate' } as const

/** A piece of thin paper for chine collé: its outline on the plate, and how it is cut. */
export const colleSettingSchema = z.strictObject({
  name: label,
  outline: z.array(pointSchema).min(3, { error: 'needs at least three points' }).max(400),
  fitting: z.enum(['template', 'trimmed']),
  /** outward (positive) so that no gap shows, or inward (negative) so that no edge sticks out, mm */
  allowanceMm: finite
    .min(-20, { error: 'must be within −20 and 20 mm' })
    .max(20, { error: 'must be within −20 and 20 mm' }),
  /** as one cuts: paste side up reads as the plate does, face up as the print does */
  cutFrom: z.enum(['paste-side', 'face']),
  paste: z.enum(['brushed', 'dusted']),
  /** grain of the thin paper as it lies on the plate */
  grain: z.enum(['up', 'across']),
  growthAlongPercent: finite
    .min(0, { error: 'must be within 0 and 10 %' })
    .max(10, { error: 'must be within 0 and 10 %' }),
  growthAcrossPercent: finite
    .min(0, { error: 'must be within 0 and 10 %' })
    .max(10, { error: 'must be within 0 and 10 %' }),
  sheetWidthMm: positive.max(2000, { error: 'must be at most 2000 mm' }),
  sheetHeightMm: positive.max(2000, { error: 'must be at most 2000 mm' }),
  pieces: count.min(1, { error: 'must be 1 or more' }).max(500, { error: 'must be at most 500' }),
})
export type ColleSetting = z.infer<typeof colleSettingSchema>

/** Room for the knife between pieces on a sheet, mm. */
export const KNIFE_MM = 2

/** A template as it is cut: dry, moved to the corner of its own box. */
export interface ColleTemplate {
  outline: Outline
  widthMm: number
  heightMm: number
  areaCm2: number
  starchGrams: number
  waterGrams: number
}

/** Why no template can be made of an outline and its allowance. */
export class NothingLeftError extends Error {
  override readonly name = 'NothingLeftError'
}

/**
 * The template of a piece: the outline with its allowance all round, made smaller by what the damp adds along and across
 * the grain (size dry = size damp ÷ (1 + growth)), and mirrored where one cuts it face up.
 *
 * @throws NothingLeftError when an inward allowance leaves nothing
 */
export function colleTemplate({
  outline,
  allowanceMm,
  cutFrom,
  grain,
  growthAlongPercent,
  growthAcrossPercent,
  paste,
}: Pick<
  ColleSetting,
  'outline' | 'allowanceMm' | 'cutFrom' | 'grain' | 'growthAlongPercent' | 'growthAcrossPercent' | 'paste'
>): ColleTemplate {
  const allowed = largestOutline(allowanceMm === 0 ? [outline] : offsetShape([outline], allowanceMm, 'sharp'))
  if (allowed.length < 3) throw new NothingLeftError('so much allowance inward leaves nothing')
  const [along, across] = [1 + growthAlongPercent / 100, 1 + growthAcrossPercent / 100]
  const [sx, sy] = grain === 'up' ? [1 / across, 1 / along] : [1 / along, 1 / across]
  const turned = allowed.map(([x, y]): Point => [(cutFrom === 'face' ? -x : x) * sx, y * sy])
  const { left, top, right, bottom } = boundsOf(turned)
  const areaCm2 = shapeArea([turned]) / 100
  const starchGrams = (areaCm2 / 100) * PASTES[paste].starchGramsPerDm2
  return {
    outline: turned.map(([x, y]): Point => [x - left, y - top]),
    widthMm: right - left,
    heightMm: bottom - top,
    areaCm2,
    starchGrams,
    waterGrams: starchGrams * PASTES[paste].waterPerStarch,
  }
}

/** Where pieces lie on a sheet of thin paper, and how many sheets they take. */
export interface ColleNest {
  perSheet: number
  sheets: number
  placements: { xMm: number; yMm: number }[]
}

/**
 * Lays pieces out on a sheet, all with the grain the same way, by the boxes round them (the best guillotine layout of the boxes).
 *
 * @returns perSheet 0 where a piece does not fit
 */
export function nestPieces(
  { widthMm, heightMm }: Pick<ColleTemplate, 'widthMm' | 'heightMm'>,
  { sheetWidthMm, sheetHeightMm, pieces }: Pick<ColleSetting, 'sheetWidthMm' | 'sheetHeightMm' | 'pieces'>,
): ColleNest {
  if (widthMm > sheetWidthMm || heightMm > sheetHeightMm) return { perSheet: 0, sheets: 0, placements: [] }
  const { placements } = planTearing({
    sheet: { widthMm: sheetWidthMm, heightMm: sheetHeightMm },
    piece: { widthMm, heightMm },
    allowRotate: false,
    gapMm: KNIFE_MM,
  })
  return {
    perSheet: placements.length,
    sheets: Math.ceil(pieces / placements.length),
    placements: placements.slice(0, pieces).map(({ xMm, yMm }) => ({ xMm, yMm })),
  }
}
