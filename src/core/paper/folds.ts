import type { Size } from '../units/sizeLine'

/** What a whole sheet is called when it is folded and torn so many times. */
const FOLDS = ['whole sheet', 'half sheet', 'quarter sheet', 'eighth sheet', 'sixteenth sheet'] as const

/** A piece of a sheet, folded and torn across its longer side. */
export interface Fold extends Size {
  /** how often it is folded and torn */
  times: number
  words: (typeof FOLDS)[number]
}

/** Paper that stays free around a plate at least where a sheet is torn, mm, to be handled by [common practice, no source]. */
export const LEAST_MARGIN_MM = 25
/** A sheet no longer than this was torn to its size already, mm [common practice, no source: A3 and below]. */
const TORN_ALREADY_MM = 420

/**
 * The pieces of a sheet that a plate is printed on, largest first: the sheet is folded across its longer side and torn, as often as the
 * plate still fits with a margin all round. The whole sheet is one of them however narrow its margins. A piece that fits the plate only
 * lengthways is turned.
 *
 * @param sheet as it is bought @param plate its two sides
 * @returns none where the plate is larger than the whole sheet
 */
export function foldsFor(sheet: Size, plate: Size): Fold[] {
  const marginOf = ({ widthMm, heightMm }: Size) =>
    Math.min(widthMm - plate.widthMm, heightMm - plate.heightMm) / 2
  const folds: Fold[] = []
  let piece = sheet
  for (const [times, words] of FOLDS.entries()) {
    const turned = { widthMm: piece.heightMm, heightMm: piece.widthMm }
    const [wider] = [piece, turned].toSorted((a, b) => marginOf(b) - marginOf(a))
    const laid = [piece, turned].find((one) => marginOf(one) >= LEAST_MARGIN_MM) ?? wider
    if (marginOf(laid) < (times === 0 ? 0 : LEAST_MARGIN_MM)) break
    folds.push({ ...laid, times, words })
    const [short, long] = [piece.widthMm, piece.heightMm].sort((a, b) => a - b)
    piece = { widthMm: short, heightMm: long / 2 }
  }
  return folds
}

/**
 * The piece one begins with: the smallest of a large sheet, the whole of one that was torn to its size already.
 *
 * @example usualFold({ widthMm: 560, heightMm: 760 }, { widthMm: 120, heightMm: 90 })!.words // 'sixteenth sheet'
 */
export function usualFold(sheet: Size, plate: Size): Fold | null {
  const folds = foldsFor(sheet, plate)
  const isTorn = Math.max(sheet.widthMm, sheet.heightMm) <= TORN_ALREADY_MM
  return (isTorn ? folds[0] : folds.at(-1)) ?? null
}
