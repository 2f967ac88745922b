/**
 * Visual density −log10 Y, with Y floored at 1e-4 so that a perfect black reads 4. Not a status density (ISO 5-3).
 *
 * @param luminance Y, 1 for the perfect diffuser
 */
export function visualDensity(luminance: number): number {
  return -Math.log10(Math.max(1e-4, luminance))
}
