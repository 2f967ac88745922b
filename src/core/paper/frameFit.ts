/** Openings of stock frames, mm: the ISO A sizes (ISO 216) and common inch sizes, rounded to the millimetre. */
export const STOCK_FRAMES = [
  { name: 'A5', widthMm: 148, heightMm: 210 },
  { name: '8 × 10 in', widthMm: 203, heightMm: 254 },
  { name: 'A4', widthMm: 210, heightMm: 297 },
  { name: '11 × 14 in', widthMm: 279, heightMm: 356 },
  { name: 'A3', widthMm: 297, heightMm: 420 },
  { name: '12 × 16 in', widthMm: 305, heightMm: 406 },
  { name: '16 × 20 in', widthMm: 406, heightMm: 508 },
  { name: 'A2', widthMm: 420, heightMm: 594 },
  { name: '18 × 24 in', widthMm: 457, heightMm: 610 },
  { name: '20 × 28 in', widthMm: 508, heightMm: 711 },
  { name: 'A1', widthMm: 594, heightMm: 841 },
  { name: '24 × 36 in', widthMm: 610, heightMm: 914 },
] as const

/** A frame a sheet goes into whole, with what is left round it. */
export interface FrameFit {
  name: string
  sparesMm: { across: number; down: number }
}

/**
 * The smallest stock frame a whole sheet goes into, either way up, with what is left in all.
 *
 * @returns null where no stock frame is large enough
 */
export function frameFor({ widthMm, heightMm }: { widthMm: number; heightMm: number }): FrameFit | null {
  const [short, long] = [Math.min(widthMm, heightMm), Math.max(widthMm, heightMm)]
  const fits = STOCK_FRAMES.filter((frame) => frame.widthMm >= short && frame.heightMm >= long).sort(
    (a, b) => a.widthMm * a.heightMm - b.widthMm * b.heightMm,
  )
  return fits.length === 0
    ? null
    : { name: fits[0].name, sparesMm: { across: fits[0].widthMm - short, down: fits[0].heightMm - long } }
}
