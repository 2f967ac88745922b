import { z } from 'zod'
import { finite, nonNegative } from '../units/schemas'

/** What a plate's artwork says of its making, read off its own dots. */
export const artworkReadingSchema = z.strictObject({
  /** share of the plate that is bitten, dark or deep; 0 to 1 */
  openShare: finite.min(0).max(1),
  /** the same as an area, cm² */
  openCm2: nonNegative,
  /** diameter of the widest black, mm */
  widestDarkMm: nonNegative,
})
export type ArtworkReading = z.infer<typeof artworkReadingSchema>
