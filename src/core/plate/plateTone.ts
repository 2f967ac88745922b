/** How much film is left on the surface: what a whole plate or one zone of it is wiped to. */
export const PLATE_TONES = {
  bright: 'Bright (crisp white)',
  light: 'Light film',
  medium: 'Medium film',
  heavy: 'Heavy (mood)',
} as const
export type PlateTone = keyof typeof PLATE_TONES
