import { z } from 'zod'
import { boundsOf, pointSchema, type Point } from '../geometry/point'
import { formatMm } from '../units/length'
import { formatFines } from '../units/quantity'
import { label } from '../units/schemas'

/** What a piece is stuck on with; raw starch that is only dusted does not stick [common practice, no source]. */
export const PASTES = {
  brushed: 'Cooked starch, thinned and brushed',
  'ready-made': 'Ready-made paste, thinned and brushed',
  dusted: 'Pre-cooked wheat-paste powder, dusted on damp paper',
} as const
export type Paste = keyof typeof PASTES

/** Which side of the piece meets the plate and takes the ink. */
export const PIECE_FACES = {
  either: 'either side',
  smooth: 'the smooth side',
  rough: 'the rough side',
  printed: 'the printed side',
  bare: 'the back of the print',
} as const
export type PieceFace = keyof typeof PIECE_FACES

/** Whether the piece is cut beforehand to a template, or laid over and trimmed on the plate. */
export const FITTINGS = { template: 'Cut to a template', trimmed: 'Trimmed on the plate' } as const

/** What a piece is cut from: a paper, or an earlier print, whose artist is then named in the documents. */
export const pieceMaterialSchema = z.discriminatedUnion('from', [
  z.strictObject({
    from: z.literal('paper'),
    /** of the stockroom; null: one that does not lie there */
    paperId: label.nullable(),
    name: label,
  }),
  z.strictObject({ from: z.literal('print'), name: label, artist: label }),
])
export type PieceMaterial = z.infer<typeof pieceMaterialSchema>

const keysOf = <K extends string>(of: Record<K, string>) => Object.keys(of) as [K, ...K[]]

/** A piece as it lies on the plate when the sheet comes down: part of the settings. */
export const laidPieceSchema = z.strictObject({
  name: label,
  material: pieceMaterialSchema,
  outline: z.array(pointSchema).min(3, { error: 'needs at least three points' }).max(400),
  fitting: z.enum(keysOf(FITTINGS)),
  paste: z.enum(keysOf(PASTES)),
  face: z.enum(keysOf(PIECE_FACES)).default('either'),
  /** what of the plate was left without ink for it; empty: nothing */
  uninked: z.string().trim().max(120, { error: 'must be at most 120 characters' }).default(''),
})
export type LaidPiece = z.infer<typeof laidPieceSchema>

/** What a piece is cut from, with the artist where it was a print. @example materialWords({ from: 'print', name: 'Slack tide', artist: 'Ines Falk' }) // 'from “Slack tide” by Ines Falk' */
export const materialWords = (material: PieceMaterial): string =>
  material.from === 'paper' ? material.name : `from “${material.name}” by ${material.artist}`

/** How large a piece is and where it lies, as the plate shows it: from its left and its top. */
export function placeWords(outline: readonly Point[]): string {
  const { left, top, right, bottom } = boundsOf(outline)
  return `${formatFines([right - left, bottom - top], ' × ', 1)}, ${formatMm(left)} from the left, ${formatMm(top)} from the top of the plate`
}

/** How a piece is laid: where, with which side to the plate, with what paste, and what stays without ink. */
export const laidWords = ({ outline, fitting, paste, face, uninked }: Omit<LaidPiece, 'name' | 'material'>) =>
  [
    placeWords(outline),
    FITTINGS[fitting].toLowerCase(),
    PASTES[paste].toLowerCase(),
    ...(face === 'either' ? [] : [`${PIECE_FACES[face]} to the plate`]),
    ...(uninked ? [`without ink: ${uninked}`] : []),
  ].join('; ')
