import type { Which } from '../flawTable'
import type { StripHindrance } from './stripTones'

/** What the grey strip did for two pictures. */
export interface StripUse {
  /** beside which sheets it is seen */
  seenBeside: readonly Which[]
  /** what keeps it from bringing their tones together where it is seen beside both; null: nothing */
  hindrance: StripHindrance | null
  /** how soft each picture is by the strip's frame, mm (frameSpread); null: not known, or it brings nothing together */
  spreadMm: Record<Which, number | null>
}

/** Whether the tones of two pictures were brought together by the grey strip. */
export const isStripUsed = ({ seenBeside, hindrance }: Pick<StripUse, 'seenBeside' | 'hindrance'>): boolean =>
  seenBeside.length === 2 && hindrance === null

const HINDRANCES: Record<StripHindrance, string> = {
  'too-light':
    'A grey strip is seen beside both sheets, and is as light as a picture goes in one of them. Take that one again darker, and their tones are brought together.',
  'other-light':
    'A grey strip is seen beside both sheets, and in one picture another light lies on it than on its sheet. Lay it close beside the sheet, in the same light.',
  'no-paper':
    'A grey strip is seen beside both sheets, but too little bare paper round the plate to hold it against.',
}

/** What is said of the grey strip in one of the two pictures; null: nothing. */
export function stripNote(
  { seenBeside, hindrance }: Pick<StripUse, 'seenBeside' | 'hindrance'>,
  which: Which,
): string | null {
  if (seenBeside.length === 1)
    return seenBeside[0] === which
      ? 'A grey strip is seen beside the sheet, and none beside the other: it tells only where it lies beside both.'
      : null
  if (seenBeside.length === 0 || which === 'reference') return null
  return hindrance
    ? HINDRANCES[hindrance]
    : 'Its tones and the BAT’s were brought together by the grey strip that lies beside both.'
}
