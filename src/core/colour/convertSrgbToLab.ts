import { convertXyzToLab, type Lab } from './convertXyzToLab'
import { decodeSrgb } from './srgbTransfer'
import { WHITE_D50 } from './convertSpectrumToXyz'

/** Linear sRGB to XYZ under D50: IEC 61966-2-1 with Bradford adaptation folded in, each row scaled to our own D50 white. */
const TO_XYZ: readonly (readonly [number, number, number])[] = [
  [0.4360747, 0.3850649, 0.1430804],
  [0.2225045, 0.7168786, 0.0606169],
  [0.0139322, 0.0971045, 0.7141733],
]
const WHITE = [WHITE_D50.x, WHITE_D50.y, WHITE_D50.z]

/**
 * A screen colour as L*a*b* under D50: the way back from `convertXyzToSrgb`.
 *
 * @param red 0 to 1, like `green` and `blue`
 */
export function convertSrgbToLab(red: number, green: number, blue: number): Lab {
  const linear = [decodeSrgb(red), decodeSrgb(green), decodeSrgb(blue)]
  const [x, y, z] = TO_XYZ.map(
    (row, i) =>
      (row.reduce((sum, value, c) => sum + value * linear[c], 0) / (row[0] + row[1] + row[2])) * WHITE[i],
  )
  return convertXyzToLab({ x, y, z })
}
