import { z } from 'zod'
import { CAUSE_KEYS, CAUSE_LABELS, type FaultCause } from '../prove/faultCause'

/** Where on the print: the 3 × 3 keys of a keypad laid over it, 7 at the top left. */
export const NINTHS = {
  7: 'top left',
  8: 'top',
  9: 'top right',
  4: 'left',
  5: 'middle',
  6: 'right',
  1: 'bottom left',
  2: 'bottom',
  3: 'bottom right',
} as const
export type Ninth = keyof typeof NINTHS

/**
 * What can be wrong with a print, in the words of the press: the key of a keypad it is said by, and what is looked at before the next pull
 * [common practice, no source].
 */
export const FAULTS = {
  grey: { key: 7, check: 'Press set as at the BAT, and the ink worked up?' },
  starved: { key: 8, check: 'Ink rubbed in all ways, sheet damp enough?' },
  'dirty edge': { key: 9, check: 'Bevels and back wiped?' },
  smear: { key: 4, check: 'Clean hands, and the sheet dropped, not slid?' },
  crease: { key: 5, check: 'Blankets flat, sheet flat, nothing under it?' },
  shifted: { key: 6, check: 'Corners to their marks, plate to its outline?' },
  spot: { key: 1, check: 'Plate looked over in raking light for grit and hairs?' },
  'felt texture': { key: 2, check: 'Catcher dry and soft, tissue over the sheet?' },
  other: { key: 3, check: 'What went wrong last time put right?' },
  /** of a piece of chine collé: asked only where one is laid */
  piece: { key: 0, check: 'Each piece laid, paste up, at its place?' },
} as const satisfies Record<string, { key: 0 | Ninth; check: string }>
export type RejectReason = keyof typeof FAULTS
export const REJECT_REASONS = Object.keys(FAULTS) as [RejectReason, ...RejectReason[]]

/** The same as people read them; `felt texture` is what was kept from the beginning, and stays so. */
export const REJECT_REASONS_SHOWN = {
  ...(Object.fromEntries(REJECT_REASONS.map((what) => [what, what])) as Record<RejectReason, string>),
  'felt texture': 'blanket texture',
  piece: 'chine collé',
}

/** What can be wrong with a print that has pieces stuck on, or with one that has none. */
export const faultsOf = (hasPieces: boolean): [RejectReason, string][] =>
  REJECT_REASONS.filter((what) => hasPieces || what !== 'piece').map((what) => [
    what,
    REJECT_REASONS_SHOWN[what],
  ])

/** What is wrong, by the same keys. */
export const FAULT_KEYS = Object.fromEntries(
  REJECT_REASONS.map((what) => [FAULTS[what].key, what]),
) as Record<0 | Ninth, RejectReason>

export const faultSchema = z.strictObject({
  where: z.union(([7, 8, 9, 4, 5, 6, 1, 2, 3] as const).map((key) => z.literal(key))),
  what: z.enum(REJECT_REASONS),
  /** what it came from; left out: nobody said */
  cause: z.enum(CAUSE_KEYS).optional(),
})
export type Fault = z.infer<typeof faultSchema>

/** The keys of a second stroke: what a fault came from, the likeliest first. */
const CAUSES_OF: Partial<Record<RejectReason, readonly FaultCause[]>> = {
  grey: ['not-picked-up', 'blankets-spent', 'worn-plate'],
  starved: ['over-wiped', 'under-inked', 'worn-plate'],
  'dirty edge': ['bevel', 'under-the-plate', 'dirty-board'],
  smear: ['fingers', 'sheet-slid', 'set-off'],
  crease: ['wavy-sheet', 'folded-blanket'],
  shifted: ['slurred', 'crept', 'out-of-register'],
  spot: ['hair', 'grit', 'dried-ink', 'dirty-board'],
  'felt texture': ['blanket-texture', 'back-of-the-sheet'],
  piece: ['piece-missing', 'piece-shifted', 'piece-loose', 'piece-creased'],
}

/** What a fault may have come from, by the digits 1, 2, 3 … of the desk. */
export const causesOfFault = (what: RejectReason): readonly FaultCause[] => CAUSES_OF[what] ?? []

/** A fault in words: "shifted (crept, the blanket pushed), right". */
export const faultWords = ({ what, where, cause }: Fault): string =>
  `${REJECT_REASONS_SHOWN[what]}${cause ? ` (${CAUSE_LABELS[cause]})` : ''}, ${NINTHS[where]}`
