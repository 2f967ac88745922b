/** Whether the prints of an edition are to be alike; where they vary by intent, a difference is no fault. */
export const VARIATIONS = {
  alike: 'Every print like the BAT',
  varied: 'Varied by intent',
  unique: 'Unique prints (monotypes)',
} as const
export type Variation = keyof typeof VARIATIONS
export const VARIATION_KEYS = Object.keys(VARIATIONS) as [Variation, ...Variation[]]
