import { onShelf, type ShelvedThing } from '@/core/units/onShelf'
import type { Point } from '@/core/geometry/point'
import { boxOutline } from '@/core/geometry/polygon'
import type { LearnedGrowth } from '@/core/paper/growth'
import type { PaperColourFrom } from '@/core/paper/paperColour'
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
import { PIECE_FACES, type PieceFace, type PieceMaterial } from '@/core/register/laidPiece'
import { findByName, hasName, isSameName } from '@/core/units/byName'
import type { CollagePrint } from '@/data/register/collagePrints'

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
export interface ThinPaper extends ShelvedThing {
  name: string
  widthMm: number
  heightMm: number
  gsm: number
  growth: LearnedGrowth
  reflectance: number[]
  colourFrom: PaperColourFrom
}

/** What a piece is cut along when it is no zone. */
export const WHOLE_PLATE = 'the whole plate'

/** A piece to begin with: the first zone, or the whole plate [growth and sheet from memory]. */
export const freshColle = (plate: Size, zones: readonly Zone[], editionSize: number): LooseColle => ({
  name: zones[0]?.name ?? 'Plate',
  material: null,
  face: 'either',
  uninked: '',
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

/** What a piece takes of the paper it is cut from: its name, its growth to the hundredth of a per cent, and its sheet. */
export const takenFrom = ({ id, name, growth, widthMm, heightMm }: ThinPaper) => ({
  material: { from: 'paper' as const, paperId: id, name },
  growthAlongPercent: Number(growth.alongPercent.toFixed(2)),
  growthAcrossPercent: Number(growth.acrossPercent.toFixed(2)),
  sheetWidthMm: widthMm,
  sheetHeightMm: heightMm,
})

/** What is offered to cut a piece from beside the papers of the stockroom. */
const OTHER = { paper: 'other-paper', print: 'other-print' } as const

/** What a piece can be cut from: papers on the shelf or the chosen one, prints that were given up for collage, or either from elsewhere. */
export const materialChoices = (
  papers: readonly ThinPaper[],
  prints: readonly CollagePrint[],
  chosen: string | null = null,
): [key: string, words: string][] => [
  ['', 'choose…'],
  ...onShelf(papers, chosen).map(({ id, name }): [string, string] => [`paper ${id}`, name]),
  [OTHER.paper, 'a paper that is not in the stockroom'],
  ...prints.map(({ title, artist, number }, i): [string, string] => [
    `print ${i}`,
    `a print given up: ${title}, pull ${number}, by ${artist}`,
  ]),
  [OTHER.print, 'a print from elsewhere'],
]

/** Which of the choices a material is. */
export function choiceOf(
  material: PieceMaterial | null,
  papers: readonly ThinPaper[],
  prints: readonly CollagePrint[],
): string {
  if (material === null) return ''
  if (material.from === 'paper')
    return papers.some(({ id }) => id === material.paperId) ? `paper ${material.paperId}` : OTHER.paper
  const at = prints.findIndex(
    ({ title, artist }) =>
      isSameName({ name: title }, material) && isSameName({ name: artist }, { name: material.artist }),
  )
  return at < 0 ? OTHER.print : `print ${at}`
}

/** What choosing changes of a piece: a paper brings its growth and its sheet along. */
export function chosenMaterial(
  choice: string,
  papers: readonly ThinPaper[],
  prints: readonly CollagePrint[],
): Partial<LooseColle> {
  const paper = papers.find(({ id }) => choice === `paper ${id}`)
  if (paper) return takenFrom(paper)
  const print = prints.find((_, i) => choice === `print ${i}`)
  if (print) return { material: { from: 'print', name: print.title, artist: print.artist }, face: 'printed' }
  if (choice === OTHER.paper) return { material: { from: 'paper', paperId: null, name: '' } }
  return choice === OTHER.print
    ? { material: { from: 'print', name: '', artist: '' }, face: 'printed' }
    : { material: null }
}

/** The sides a material has: a print has a printed one, a paper a smooth one. */
export const facesOf = (material: PieceMaterial | null): [PieceFace, string][] =>
  (material?.from === 'print'
    ? (['either', 'printed', 'bare'] as const)
    : (['either', 'smooth', 'rough'] as const)
  ).map((face) => [face, PIECE_FACES[face]])

/** What is called the place of the piece itself, among what is left without ink. */
const BENEATH = { name: 'beneath the piece' }

/** What can be left without ink for a piece: nothing, what it covers, or a zone. */
export const uninkedChoices = (zones: readonly Zone[], uninked: string): [string, string][] => [
  ['', 'nothing'],
  [BENEATH.name, BENEATH.name],
  ...zones.map(({ name }): [string, string] => [name, name]),
  ...(uninked && !hasName([BENEATH, ...zones], uninked) ? [[uninked, uninked] as [string, string]] : []),
]

/** What the bench comes to. */
export interface ColleView {
  /** what can be kept and worked from; null while a field is wrong */
  setting: ColleSetting | null
  /** what is wrong at a field */
  wrong: Record<string, string>
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
      [...parsed.error.issues].reverse().map(({ path, message }) => [path.join('.'), message]),
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
