/**
 * CIEDE2000 for whole pictures: the formula of `deltaE00` with its slow parts read from tables. Within 0.05 of the exact formula
 * over the colours of sRGB (checked pair by pair in the tests), several times as fast.
 */

const POW25_7 = 25 ** 7
/** Chroma up to which the seventh powers are tabled, and steps a unit. */
const MOST_CHROMA = 200
const STEPS = 16
/** Entries of a turn of hue. */
const TURN = 2048

/** √(C⁷ / (C⁷ + 25⁷)) by chroma. */
const SEVENTH = Float32Array.from({ length: MOST_CHROMA * STEPS + 2 }, (_, i) => {
  const c7 = (i / STEPS) ** 7
  return Math.sqrt(c7 / (c7 + POW25_7))
})
const radians = (degrees: number) => (degrees * Math.PI) / 180
/** The hue weight T and sin(2Δθ), by mean hue. */
const HUE_WEIGHT = new Float32Array(TURN + 1)
const HUE_TURN = new Float32Array(TURN + 1)
for (let i = 0; i <= TURN; i++) {
  const h = (360 * i) / TURN
  HUE_WEIGHT[i] =
    1 -
    0.17 * Math.cos(radians(h - 30)) +
    0.24 * Math.cos(radians(2 * h)) +
    0.32 * Math.cos(radians(3 * h + 6)) -
    0.2 * Math.cos(radians(4 * h - 63))
  HUE_TURN[i] = Math.sin(radians(60 * Math.exp(-(((h - 275) / 25) ** 2))))
}

const seventh = (chroma: number) => {
  const at = Math.min(chroma, MOST_CHROMA) * STEPS
  const i = at | 0
  return SEVENTH[i] + (SEVENTH[i + 1] - SEVENTH[i]) * (at - i)
}

/** Hue as a share of a turn, 0 to 1, within 2·10⁻⁵ (a minimax polynomial of the arctangent, fitted in 0…1). */
function hue(a: number, b: number): number {
  const x = a < 0 ? -a : a
  const y = b < 0 ? -b : b
  const most = x > y ? x : y
  if (most === 0) return 0
  const z = (x > y ? y : x) / most
  const z2 = z * z
  let angle =
    z *
    (0.99997726 +
      z2 * (-0.33262347 + z2 * (0.19354346 + z2 * (-0.11643287 + z2 * (0.05265332 + z2 * -0.0117212)))))
  if (y > x) angle = Math.PI / 2 - angle
  if (a < 0) angle = Math.PI - angle
  if (b < 0) angle = 2 * Math.PI - angle
  return angle / (2 * Math.PI)
}

/** ΔE00 of two L*a*b* colours, within 0.05 of `deltaE00` for colours a screen can show. */
export function fastDeltaE00(L1: number, a1: number, b1: number, L2: number, a2: number, b2: number): number {
  const meanC = (Math.sqrt(a1 * a1 + b1 * b1) + Math.sqrt(a2 * a2 + b2 * b2)) / 2
  const stretch = 1.5 - 0.5 * seventh(meanC)
  const p1 = a1 * stretch
  const p2 = a2 * stretch
  const c1 = Math.sqrt(p1 * p1 + b1 * b1)
  const c2 = Math.sqrt(p2 * p2 + b2 * b2)
  const c = (c1 + c2) / 2
  // ΔH from the plane's geometry instead of a sine: |ΔH|² = 2(C1·C2 − a1·a2 − b1·b2), its sign that of the turn from one to the other.
  const h2 = 2 * (c1 * c2 - p1 * p2 - b1 * b2)
  const deltaH = (p1 * b2 - b1 * p2 < 0 ? -1 : 1) * Math.sqrt(h2 > 0 ? h2 : 0)
  // The mean hue is the hue of the two unit vectors' sum.
  let mean = 0
  if (c1 > 0 && c2 > 0) {
    const x = p1 / c1 + p2 / c2
    const y = b1 / c1 + b2 / c2
    mean = x * x + y * y > 1e-18 ? hue(x, y) : hue(-b1, p1)
  } else if (c1 + c2 > 0) mean = c1 > 0 ? hue(p1, b1) : hue(p2, b2)
  const at = mean * TURN
  const i = at | 0
  const part = at - i
  const t = HUE_WEIGHT[i] + (HUE_WEIGHT[i + 1] - HUE_WEIGHT[i]) * part
  const l50 = ((L1 + L2) / 2 - 50) * ((L1 + L2) / 2 - 50)
  const l = (L2 - L1) / (1 + (0.015 * l50) / Math.sqrt(20 + l50))
  const chroma = (c2 - c1) / (1 + 0.045 * c)
  const h = deltaH / (1 + 0.015 * c * t)
  const turn = -(HUE_TURN[i] + (HUE_TURN[i + 1] - HUE_TURN[i]) * part) * 2 * seventh(c)
  const square = l * l + chroma * chroma + h * h + turn * chroma * h
  return square > 0 ? Math.sqrt(square) : 0
}
