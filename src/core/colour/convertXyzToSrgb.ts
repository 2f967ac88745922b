import { encodeSrgb } from './srgbTransfer'
import type { Xyz } from './convertSpectrumToXyz'
import { WHITE_D50 } from './convertSpectrumToXyz'

type Row = readonly [number, number, number]
type Matrix = readonly [Row, Row, Row]

/** Bradford cone-response matrix (Lam 1985, as used by ICC.1 for chromatic adaptation). */
const BRADFORD: Matrix = [
  [0.8951, 0.2664, -0.1614],
  [-0.7502, 1.7135, 0.0367],
  [0.0389, -0.0685, 1.0296],
]
const BRADFORD_INVERSE: Matrix = [
  [0.9869929, -0.1470543, 0.1599627],
  [0.4323053, 0.5183603, 0.0492912],
  [-0.0085287, 0.0400428, 0.9684867],
]
/** D65 tristimulus values for sRGB (IEC 61966-2-1: x 0.3127, y 0.3290). */
const WHITE_D65: Row = [0.3127 / 0.329, 1, (1 - 0.3127 - 0.329) / 0.329]
/** XYZ (D65) to linear sRGB (IEC 61966-2-1). */
const LINEAR: Matrix = [
  [3.2404542, -1.5371385, -0.4985314],
  [-0.969266, 1.8760108, 0.041556],
  [0.0556434, -0.2040259, 1.0572252],
]

const multiply = (m: Matrix, [x, y, z]: Row): Row => [
  m[0][0] * x + m[0][1] * y + m[0][2] * z,
  m[1][0] * x + m[1][1] * y + m[1][2] * z,
  m[2][0] * x + m[2][1] * y + m[2][2] * z,
]

/**
 * Tristimulus values under D50 to an sRGB colour: Bradford adaptation D50 → D65, then clipped to the screen's range.
 *
 * @returns `"#rrggbb"`
 */
export function convertXyzToSrgb({ x, y, z }: Xyz): string {
  const from = multiply(BRADFORD, [WHITE_D50.x, WHITE_D50.y, WHITE_D50.z])
  const to = multiply(BRADFORD, WHITE_D65)
  const cone = multiply(BRADFORD, [x, y, z])
  const adapted = multiply(BRADFORD_INVERSE, [
    (cone[0] * to[0]) / from[0],
    (cone[1] * to[1]) / from[1],
    (cone[2] * to[2]) / from[2],
  ])
  const channel = (linear: number) =>
    Math.round(255 * Math.min(1, Math.max(0, encodeSrgb(Math.max(0, linear)))))
  return `#${multiply(LINEAR, adapted)
    .map((linear) => channel(linear).toString(16).padStart(2, '0'))
    .join('')}`
}
