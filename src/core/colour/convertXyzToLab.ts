import { z } from 'zod'
import { finite } from '../units/schemas'
import { WHITE_D50, type Xyz } from './convertSpectrumToXyz'

/** CIE 1976 L*a*b*, D50, 1931 2° observer. */
export const labSchema = z.strictObject({ L: finite, a: finite, b: finite })
export type Lab = z.infer<typeof labSchema>

/** 6/29, the corner of the CIE 1976 cube-root function (CIE 015). */
const DELTA = 6 / 29

const compress = (t: number) => (t > DELTA ** 3 ? Math.cbrt(t) : t / (3 * DELTA ** 2) + 4 / 29)

/**
 * Tristimulus values to L*a*b* relative to the D50 white (CIE 015).
 *
 * @example convertXyzToLab(WHITE_D50) // { L: 100, a: 0, b: 0 }
 */
export function convertXyzToLab({ x, y, z }: Xyz, white: Xyz = WHITE_D50): Lab {
  const fx = compress(x / white.x)
  const fy = compress(y / white.y)
  const fz = compress(z / white.z)
  return { L: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) }
}

/** L*a*b* back to tristimulus values relative to the D50 white: the inverse of `convertXyzToLab`. */
export function convertLabToXyz({ L, a, b }: Lab, white: Xyz = WHITE_D50): Xyz {
  const expand = (f: number) => (f > DELTA ? f ** 3 : 3 * DELTA ** 2 * (f - 4 / 29))
  const fy = (L + 16) / 116
  return { x: white.x * expand(fy + a / 500), y: white.y * expand(fy), z: white.z * expand(fy - b / 200) }
}
