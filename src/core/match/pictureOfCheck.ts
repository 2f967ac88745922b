import type { MatchCheck } from './checks/matchCheck'

/**
 * What a check is seen in: both prints as they lie on their sheets; the colour difference, ΔE00; more or less ink, L*; more or less film
 * between the lines, L*; how unlike the drawing is, 0 to 1.
 */
export const CHECK_PICTURES = {
  lie: 'how it lies',
  colour: 'colour',
  ink: 'ink',
  film: 'film between the lines',
  drawing: 'drawing',
} as const
export type CheckPicture = keyof typeof CHECK_PICTURES
/** Where each check is seen. */
export const PICTURE_OF: Record<MatchCheck, CheckPicture> = {
  register: 'lie',
  turn: 'lie',
  stretch: 'lie',
  colour: 'colour',
  tone: 'ink',
  lines: 'drawing',
  breaks: 'drawing',
  state: 'drawing',
  film: 'film',
  evenness: 'film',
  edges: 'film',
  sides: 'ink',
  bands: 'ink',
  blanks: 'ink',
  marks: 'lie',
  chine: 'colour',
}
