import { boxOutline, type Point } from '@/core/geometry/polygon'
import type { LearnedGrowth } from '@/core/paper/growth'
import type { Zone } from '@/core/plate/zoneMap'
import {
  colleSettingSchema,
  colleTemplate,
  nestPieces,
  NothingLeftError,
  type ColleNest,
  type ColleSetting,
  type ColleTemplate,
} from '@/core/register/chineColle'
import { findByName, isSameName } from '@/core/units/byName'

type Size = { widthMm: number; heightMm: number }

/** A piece as it is entered: a number may still be missing. */
export type LooseColle = {
  [K in keyof ColleSetting]: ColleSetting[K] | (ColleSetting[K] extends number ? null : never)
}

/** A piece of thin paper on the bench. */
export interface ColleBench {
  setting: LooseColle
  /** under which it was kept as it stands; null: not kept, or changed since */
  keptName: string | null
}

/** A paper of the store with what is known of its growth. */
export interface ThinPaper {
  id: string
  name: string
  widthMm: number
  heightMm: number
  growth: LearnedGrowth
}

/** What a piece is cut along when it is no zone. */
export const WHOLE_PLATE = 'the whole plate'

/** A piece to begin with: the first zone, or the whole plate [growth and sheet from memory]. */
export const freshColle = (plate: Size, zones: readonly Zone[], editionSize: number): LooseColle => ({
  name: zones[0]?.name ?? 'Plate',
  outline: zones[0]?.outline ?? boxOutline(plate),
  fitting: 'template',
  allowanceMm: 0,
  cutFrom: 'face',
  paste: 'brushed',
  grain: 'up',
  growthAlongPercent: 0.3,
  growthAcrossPercent: 1.5,
  sheetWidthMm: 630,
  sheetHeightMm: 930,
  pieces: editionSize,
})

/** The bench at a kept piece, or at a new one. @param name of the kept piece; empty: a new one */
export function openColle(pieces: readonly ColleSetting[], name: string, fresh: LooseColle): ColleBench {
  const kept = findByName(pieces, name)
  return { setting: kept ?? fresh, keptName: kept?.name ?? null }
}

/** What is drawn of a shape chosen by name, and the name it gives the piece. */
export const colleShape = (
  plate: Size,
  zones: readonly Zone[],
  name: string,
): { name: string; outline: Point[] } => ({
  name,
  outline: findByName(zones, name)?.outline ?? boxOutline(plate),
})

/** Which shape a piece is cut along, by name. */
export const shapeOf = (zones: readonly Zone[], outline: readonly Point[]): string =>
  zones.find((zone) => JSON.stringify(zone.outline) === JSON.stringify(outline))?.name ?? WHOLE_PLATE

/** Growth and sheet of a paper, as a piece takes them: growth to the hundredth of a per cent. */
export const takenFrom = ({ growth, widthMm, heightMm }: ThinPaper) => ({
  growthAlongPercent: Number(growth.alongPercent.toFixed(2)),
  growthAcrossPercent: Number(growth.acrossPercent.toFixed(2)),
  sheetWidthMm: widthMm,
  sheetHeightMm: heightMm,
})

/** What the bench comes to. */
export interface ColleView {
  /** what can be kept and worked from; null while a field is wrong */
  setting: ColleSetting | null
  /** what is wrong at a field */
  wrong: Partial<Record<keyof ColleSetting, string>>
  template: ColleTemplate | null
  nest: ColleNest | null
  isKept: boolean
}

/** The template of a piece, its pieces on the sheet, and what stands in the way. */
export function viewColle({ setting, keptName }: ColleBench): ColleView {
  const isKept = keptName !== null && isSameName(setting, { name: keptName })
  const parsed = colleSettingSchema.safeParse(setting)
  if (!parsed.success) {
    const wrong = Object.fromEntries(
      [...parsed.error.issues].reverse().map(({ path, message }) => [String(path[0]), message]),
    )
    return { setting: null, wrong, template: null, nest: null, isKept }
  }
  try {
    const template = colleTemplate(parsed.data)
    return { setting: parsed.data, wrong: {}, template, nest: nestPieces(template, parsed.data), isKept }
  } catch (error) {
    if (!(error instanceof NothingLeftError)) throw error
    const wrong = { allowanceMm: `${error.message}.` }
    return { setting: parsed.data, wrong, template: null, nest: null, isKept }
  }
}

/** The files a kept piece can be had as. */
export function colleFiles(
  slug: string,
  { setting, nest }: ColleView,
  keptName: string,
): { label: string; href: string }[] {
  const link = (what: string, form: string) =>
    `/jobs/${slug}/register/chine-colle/template?piece=${encodeURIComponent(keptName)}&what=${what}&form=${form}`
  const kinds: [what: string, label: string, isOffered: boolean][] = [
    ['template', 'Template', setting?.fitting === 'template'],
    ['sheet', 'Whole sheet', (nest?.perSheet ?? 0) > 0],
  ]
  return kinds.flatMap(([what, label, isOffered]) =>
    isOffered
      ? [
          { label: `${label}, PDF`, href: link(what, 'pdf') },
          { label: `${label}, SVG`, href: link(what, 'svg') },
        ]
      : [],
  )
}
