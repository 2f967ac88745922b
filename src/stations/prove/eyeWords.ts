import type { EyeReading } from '@/core/edition/pull'

/** The eye's three words, in the order they stand on every screen. */
export const EYE_WORDS: readonly (readonly [EyeReading, string])[] = [
  ['lighter', 'Lighter'],
  ['same', 'Same'],
  ['darker', 'Darker'],
]
