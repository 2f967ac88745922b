import { convertSrgbToLab } from './convertSrgbToLab'
import { decodeSrgb } from './srgbTransfer'

/** Entries of the cube-root table. */
const ROOTS = 4096
const EPSILON = 216 / 24389
const KAPPA = 24389 / 27

/** f of CIE 1976 L*a*b* by its argument, 0 to 1. */
const F = Float32Array.from({ length: ROOTS + 2 }, (_, i) => {
  const t = i / ROOTS
  return t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116
})
/** Linear light by the coded byte (IEC 61966-2-1). */
const LINEAR = Float32Array.from({ length: 256 }, (_, i) => decodeSrgb(i / 255))

/** Each channel's share of X, Y and Z over white, taken from the exact conversion, so that there is one source of the numbers. */
const SHARES = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
].map(([r, g, b]) => {
  const { L, a, b: bStar } = convertSrgbToLab(r, g, b)
  const fy = (L + 16) / 116
  const back = (f: number) => (f ** 3 > EPSILON ? f ** 3 : (116 * f - 16) / KAPPA)
  return [back(fy + a / 500), back(fy), back(fy - bStar / 200)]
})

const f = (t: number) => {
  const at = (t < 1 ? t : 1) * ROOTS
  const i = at | 0
  return F[i] + (F[i + 1] - F[i]) * (at - i)
}

/**
 * L*a*b* (D50) of every pixel of a picture in sRGB bytes, three numbers a pixel; within 0.05 of `convertSrgbToLab`, by tables.
 *
 * @param data three bytes a pixel
 */
export function srgbToLabMap(data: Uint8Array | Uint8ClampedArray): Float32Array {
  const lab = new Float32Array(data.length)
  const [[rx, ry, rz], [gx, gy, gz], [bx, by, bz]] = SHARES
  for (let i = 0; i < data.length; i += 3) {
    const r = LINEAR[data[i]]
    const g = LINEAR[data[i + 1]]
    const b = LINEAR[data[i + 2]]
    const fx = f(rx * r + gx * g + bx * b)
    const fy = f(ry * r + gy * g + by * b)
    const fz = f(rz * r + gz * g + bz * b)
    lab[i] = 116 * fy - 16
    lab[i + 1] = 500 * (fx - fy)
    lab[i + 2] = 200 * (fy - fz)
  }
  return lab
}
