/** Causes of what is wrong with a print, in a word or two, as they are said at the press: what is kept of one. How it is told and what is done stands in `causes`. */
export const CAUSE_LABELS = {
  'not-picked-up': 'ink left in the plate',
  'blankets-spent': 'blankets give no more',
  'over-wiped': 'wiped out',
  'under-inked': 'never filled',
  bevel: 'bevel not clean',
  'under-the-plate': 'ink from under the plate',
  'dirty-board': 'dirty board',
  fingers: 'finger marks',
  'sheet-slid': 'scum, the sheet slid',
  'set-off': 'set off from another print',
  'wavy-sheet': 'sheet not flat',
  'folded-blanket': 'fold in a blanket',
  slurred: 'slurred, the sheet moved',
  crept: 'crept, the blanket pushed',
  'out-of-register': 'out of register',
  hair: 'hair',
  grit: 'grit',
  'dried-ink': 'skin in the ink',
  'blanket-texture': 'weave of the blanket',
  'back-of-the-sheet': 'back of the sheet',
  'piece-missing': 'piece missing',
  'piece-shifted': 'piece shifted',
  'piece-loose': 'piece not stuck',
  'piece-creased': 'piece creased',
} as const
export type FaultCause = keyof typeof CAUSE_LABELS
export const CAUSE_KEYS = Object.keys(CAUSE_LABELS) as [FaultCause, ...FaultCause[]]
