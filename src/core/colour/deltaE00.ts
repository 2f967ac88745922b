import type { Lab } from './convertXyzToLab'

const RADIANS = Math.PI / 180
const POW25_7 = 25 ** 7

const hueDegrees = (a: number, b: number) => {
  if (a === 0 && b === 0) return 0
  const degrees = Math.atan2(b, a) / RADIANS
  return degrees < 0 ? degrees + 360 : degrees
}

/** The weighted terms of CIEDE2000: ΔE00² = l² + c² + h² + turn·c·h. */
export interface DeltaE00Terms {
  l: number
  c: number
  h: number
  /** rotation term R_T, within −2 and 0 */
  turn: number
}

/**
 * Weighted differences of lightness, chroma and hue of CIEDE2000, all weights 1; what a search minimises term by term.
 * Source: ISO/CIE 11664-6; written after Sharma, Wu & Dalal, "The CIEDE2000 Color-Difference Formula" (2005), equations 2–22.
 */
export function deltaE00Terms(reference: Lab, sample: Lab): DeltaE00Terms {
  const meanC = (Math.hypot(reference.a, reference.b) + Math.hypot(sample.a, sample.b)) / 2
  const g = 0.5 * (1 - Math.sqrt(meanC ** 7 / (meanC ** 7 + POW25_7)))
  const a1 = (1 + g) * reference.a
  const a2 = (1 + g) * sample.a
  const c1 = Math.hypot(a1, reference.b)
  const c2 = Math.hypot(a2, sample.b)
  const h1 = hueDegrees(a1, reference.b)
  const h2 = hueDegrees(a2, sample.b)
  const grey = c1 * c2 === 0

  let deltaHue = grey ? 0 : h2 - h1
  if (deltaHue > 180) deltaHue -= 360
  else if (deltaHue < -180) deltaHue += 360
  const deltaL = sample.L - reference.L
  const deltaC = c2 - c1
  const deltaH = 2 * Math.sqrt(c1 * c2) * Math.sin((deltaHue / 2) * RADIANS)

  let meanHue = h1 + h2
  if (!grey) {
    if (Math.abs(h1 - h2) > 180) meanHue += meanHue < 360 ? 360 : -360
    meanHue /= 2
  }
  const meanL = (reference.L + sample.L) / 2
  const meanCPrime = (c1 + c2) / 2
  const t =
    1 -
    0.17 * Math.cos((meanHue - 30) * RADIANS) +
    0.24 * Math.cos(2 * meanHue * RADIANS) +
    0.32 * Math.cos((3 * meanHue + 6) * RADIANS) -
    0.2 * Math.cos((4 * meanHue - 63) * RADIANS)
  const turn = 30 * Math.exp(-(((meanHue - 275) / 25) ** 2))
  const rc = 2 * Math.sqrt(meanCPrime ** 7 / (meanCPrime ** 7 + POW25_7))
  const sl = 1 + (0.015 * (meanL - 50) ** 2) / Math.sqrt(20 + (meanL - 50) ** 2)
  const sc = 1 + 0.045 * meanCPrime
  const sh = 1 + 0.015 * meanCPrime * t
  return { l: deltaL / sl, c: deltaC / sc, h: deltaH / sh, turn: -Math.sin(2 * turn * RADIANS) * rc }
}

/**
 * Colour difference CIEDE2000 with all weights 1 (ISO/CIE 11664-6).
 *
 * @returns ΔE00, 0 for equal colours; about 1 is just noticeable side by side
 */
export function deltaE00(reference: Lab, sample: Lab): number {
  const { l, c, h, turn } = deltaE00Terms(reference, sample)
  return Math.sqrt(Math.max(0, l * l + c * c + h * h + turn * c * h))
}
