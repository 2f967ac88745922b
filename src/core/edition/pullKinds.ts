/** What becomes of a sheet that is not kept. */
export const FATES = {
  destroyed: 'Destroyed',
  reworked: 'Reworked by hand',
  template: 'Re-used (template, collage)',
  'set-up': 'Kept as set-up sheet',
} as const
export type Fate = keyof typeof FATES

/** What a pull is for. */
export const PULL_KINDS = {
  proof: 'Proof',
  edition: 'Edition pull',
  warmup: 'Warm-up',
  cancellation: 'Cancellation proof',
} as const
export type PullKind = keyof typeof PULL_KINDS
