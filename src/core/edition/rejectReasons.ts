/** What can be wrong with a print, in the words of the press. */
export const REJECT_REASONS = [
  'grey',
  'starved',
  'dirty edge',
  'smear',
  'crease',
  'shifted',
  'spot',
  'felt texture',
  'other',
] as const
