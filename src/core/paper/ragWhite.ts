import { WAVELENGTHS_NM } from '../colour/spectrum'

/**
 * Reflectance of an ordinary uncoated rag paper, a little warm, without brightener: what a paper is taken to be until
 * it is measured [from memory].
 *
 * @param white reflectance in the middle of the spectrum, @param warmth how much the violet falls below it
 */
export function ragWhite(white: number, warmth: number): number[] {
  return WAVELENGTHS_NM.map((nm) =>
    Number(
      (white - warmth * Math.max(0, (560 - nm) / 180) ** 1.4 + 0.012 * Math.min(1, (nm - 380) / 350)).toFixed(
        4,
      ),
    ),
  )
}

/** The white of a paper nobody has measured yet. */
export const RAG_WHITE: readonly number[] = ragWhite(0.86, 0.06)
