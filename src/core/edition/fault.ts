import { z } from 'zod'

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
  grey: { key: 7, check: 'Screws where the BAT has them, and the ink worked up?' },
  starved: { key: 8, check: 'Ink rubbed in all ways, sheet damp enough?' },
  'dirty edge': { key: 9, check: 'Bevels and back wiped?' },
  smear: { key: 4, check: 'Clean hands, and the sheet dropped, not slid?' },
  crease: { key: 5, check: 'Blankets flat, sheet flat, nothing under it?' },
  shifted: { key: 6, check: 'Corners to their marks, plate to its outline?' },
  spot: { key: 1, check: 'Plate looked over in raking light for grit and hairs?' },
  'felt texture': { key: 2, check: 'Catcher dry and soft, tissue over the sheet?' },
  other: { key: 3, check: 'What went wrong last time put right?' },
} as const satisfies Record<string, { key: Ninth; check: string }>
export type RejectReason = keyof typeof FAULTS
export const REJECT_REASONS = Object.keys(FAULTS) as [RejectReason, ...RejectReason[]]

/** What is wrong, by the same keys. */
export const FAULT_KEYS = Object.fromEntries(
  REJECT_REASONS.map((what) => [FAULTS[what].key, what]),
) as Record<Ninth, RejectReason>

export const faultSchema = z.strictObject({
  where: z.union(([7, 8, 9, 4, 5, 6, 1, 2, 3] as const).map((key) => z.literal(key))),
  what: z.enum(REJECT_REASONS),
})
export type Fault = z.infer<typeof faultSchema>

/** The one thing asked before a pull: of the last fault; null where nothing went wrong. */
export function checkAfter(fault: Fault | null): string | null {
  return fault === null ? null : `${fault.what}, ${NINTHS[fault.where]}: ${FAULTS[fault.what].check}`
}
