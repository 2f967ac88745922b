import { z } from 'zod'
import { REJECT_REASONS } from './rejectReasons'

/** Where on the print: the 3 × 3 keys of a keypad laid over it, 7 at the top left. */
export const PLACES = {
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
export type Place = keyof typeof PLACES

/** What is wrong, by the same keys. */
export const FAULT_KEYS = {
  7: 'grey',
  8: 'starved',
  9: 'dirty edge',
  4: 'smear',
  5: 'crease',
  6: 'shifted',
  1: 'spot',
  2: 'felt texture',
  3: 'other',
} as const satisfies Record<Place, (typeof REJECT_REASONS)[number]>
export type FaultKind = (typeof FAULT_KEYS)[Place]

export const faultSchema = z.strictObject({
  where: z.union(([7, 8, 9, 4, 5, 6, 1, 2, 3] as const).map((key) => z.literal(key))),
  what: z.enum(REJECT_REASONS),
})
export type Fault = z.infer<typeof faultSchema>

/** What to look at before the next pull, by the fault of the last [common practice, no source]. */
const CHECKS: Record<FaultKind, string> = {
  grey: 'Screws where the BAT has them, and the ink worked up?',
  starved: 'Ink rubbed in all ways, sheet damp enough?',
  'dirty edge': 'Bevels and back wiped?',
  smear: 'Clean hands, and the sheet dropped, not slid?',
  crease: 'Blankets flat, sheet flat, nothing under it?',
  shifted: 'Corners to their marks, plate to its outline?',
  spot: 'Plate looked over in raking light for grit and hairs?',
  'felt texture': 'Catcher dry and soft, tissue over the sheet?',
  other: 'What went wrong last time put right?',
}

/** The one thing asked before a pull: of the last fault; null where nothing went wrong. */
export function checkAfter(fault: Fault | null): string | null {
  return fault === null ? null : `${fault.what}, ${PLACES[fault.where]}: ${CHECKS[fault.what]}`
}
