import { z } from 'zod'
import { boundsOf, type Point } from '../geometry/point'
import type { Outline } from '../geometry/polygon'
import { largestOutline, offsetShape, shapeArea } from '../geometry/shapes'
import { planTearing } from '../paper/tearPlan'
import { count, finite, positive } from '../units/schemas'
import { laidPieceSchema, type Paste } from './laidPiece'
import { PASTE_AMOUNTS } from './pasteAmounts'

/** Paper left over all round a piece that is trimmed on the plate, mm [common practice, no source]. */
export const TRIM_MM = 10

/** A piece of thin paper for chine collé: how it is laid, and how it is cut. */
export const colleSettingSchema = laidPieceSchema.extend({
  /** null: of pieces kept before it was asked */
  material: laidPieceSchema.shape.material.nullable().default(null),
  /** outward (positive) so that no gap shows, or inward (negative) so that no edge sticks out, mm */
  allowanceMm: finite
    .min(-20, { error: 'must be within −20 and 20 mm' })
    .max(20, { error: 'must be within −20 and 20 mm' }),
  /** as one cuts: paste side up reads as the plate does, face up as the print does */
  cutFrom: z.enum(['paste-side', 'face']),
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

/** A piece as it is cut: dry, moved to the corner of its own box. */
export interface ColleTemplate {
  outline: Outline
  widthMm: number
  heightMm: number
  areaCm2: number
  /** of the paste as it is bought, and the water it is thinned with */
  pasteGrams: number
  waterGrams: number
}

/** Why no template can be made of an outline and its allowance. */
export class NothingLeftError extends Error {
  override readonly name = 'NothingLeftError'
}

/**
 * The template of a piece: the outline with its allowance all round, made smaller by what the damp adds along and across
 * the grain (size dry = size damp ÷ (1 + growth)), and mirrored where one cuts it face up. A piece that is trimmed on the plate is cut as a
 * box with paper to spare, and neither allowance nor growth is asked for: only its middle gets paste.
 *
 * @throws NothingLeftError when an inward allowance leaves nothing
 */
export function colleTemplate({
  outline,
  fitting,
  allowanceMm,
  cutFrom,
  grain,
  growthAlongPercent,
  growthAcrossPercent,
  paste,
}: Pick<
  ColleSetting,
  | 'outline'
  | 'fitting'
  | 'allowanceMm'
  | 'cutFrom'
  | 'grain'
  | 'growthAlongPercent'
  | 'growthAcrossPercent'
  | 'paste'
>): ColleTemplate {
  if (fitting === 'trimmed') return roughPiece(outline, paste)
  const allowed = largestOutline(allowanceMm === 0 ? [outline] : offsetShape([outline], allowanceMm, 'sharp'))
  if (allowed.length < 3) throw new NothingLeftError('so much allowance inward leaves nothing')
  const [along, across] = [1 + growthAlongPercent / 100, 1 + growthAcrossPercent / 100]
  const [sx, sy] = grain === 'up' ? [1 / across, 1 / along] : [1 / along, 1 / across]
  const turned = allowed.map(([x, y]): Point => [(cutFrom === 'face' ? -x : x) * sx, y * sy])
  const { left, top, right, bottom } = boundsOf(turned)
  const areaCm2 = shapeArea([turned]) / 100
  return {
    outline: turned.map(([x, y]): Point => [x - left, y - top]),
    widthMm: right - left,
    heightMm: bottom - top,
    areaCm2,
    ...pasteFor(areaCm2, paste),
  }
}

/** The paste of an area, cm². */
function pasteFor(areaCm2: number, paste: Paste): Pick<ColleTemplate, 'pasteGrams' | 'waterGrams'> {
  const { gramsPerDm2, waterPerGram } = PASTE_AMOUNTS[paste]
  const pasteGrams = (areaCm2 / 100) * gramsPerDm2
  return { pasteGrams, waterGrams: pasteGrams * waterPerGram }
}

/** A box round the outline with paper to spare: what is laid over and trimmed on the plate. */
function roughPiece(outline: readonly Point[], paste: Paste): ColleTemplate {
  const { left, top, right, bottom } = boundsOf(outline)
  const widthMm = right - left + 2 * TRIM_MM
  const heightMm = bottom - top + 2 * TRIM_MM
  return {
    outline: [
      [0, 0],
      [widthMm, 0],
      [widthMm, heightMm],
      [0, heightMm],
    ],
    widthMm,
    heightMm,
    areaCm2: (widthMm * heightMm) / 100,
    ...pasteFor(shapeArea([[...outline]]) / 100, paste),
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
