import { mean } from '../stats/mean'
import { z } from 'zod'
import { finite } from '../units/schemas'

const pointSchema = z.strictObject({ xMm: finite, yMm: finite })
/** Marks nearer to one line than this share of their spread lie on it. */
const ON_ONE_LINE = 1e-6

export const misregisterInput = z
  .strictObject({
    marks: z
      .array(z.strictObject({ expected: pointSchema, measured: pointSchema }))
      .min(2, { error: 'needs at least two marks' })
      .max(1000, { error: 'takes at most 1000 marks' }),
  })
  .superRefine(({ marks }, context) => {
    const twin = marks.findIndex(({ expected }, i) =>
      marks.some(
        (other, j) => j < i && other.expected.xMm === expected.xMm && other.expected.yMm === expected.yMm,
      ),
    )
    if (twin >= 0)
      context.addIssue({
        code: 'custom',
        path: ['marks', twin, 'expected'],
        message: 'is the same place as another mark',
      })
    else if (marks.length > 2 && liesOnOneLine(marks.map(({ expected }) => expected)))
      context.addIssue({
        code: 'custom',
        path: ['marks'],
        message: 'lie on one line: stretch cannot be told from turn; add a mark beside it',
      })
  })
export const misregisterOutput = z.strictObject({
  shiftMm: z.strictObject({ x: finite, y: finite }),
  rotationDeg: finite,
  stretchXPercent: finite,
  stretchYPercent: finite,
  residualMm: finite,
})
export type Misregister = z.infer<typeof misregisterOutput>
type Point = z.infer<typeof pointSchema>

function liesOnOneLine(points: readonly Point[]): boolean {
  const [cx, cy] = [mean(points.map(({ xMm }) => xMm)), mean(points.map(({ yMm }) => yMm))]
  let [xx, yy, xy] = [0, 0, 0]
  for (const { xMm, yMm } of points) {
    xx += (xMm - cx) ** 2
    yy += (yMm - cy) ** 2
    xy += (xMm - cx) * (yMm - cy)
  }
  return xx * yy - xy * xy <= ON_ONE_LINE * ((xx + yy) / 2) ** 2
}

/**
 * Shift, rotation and stretch that carry the expected marks to the measured ones, by least squares:
 * measured ≈ c + shift + R(θ)·diag(1+sx, 1+sy)·(expected − c), c the centroid of the expected marks, y up, θ positive anticlockwise.
 *
 * The shift is the movement of the centroid. For a given θ the stretches are linear; put back, what is left is a quadratic form in
 * cos θ and sin θ, whose greatest value gives 2θ in closed form. With two marks stretch is 0 and θ is that of a rigid move.
 *
 * @returns residual as root mean square over the marks, mm
 */
export function solveMisregister({ marks }: z.infer<typeof misregisterInput>): Misregister {
  const c = {
    x: mean(marks.map(({ expected }) => expected.xMm)),
    y: mean(marks.map(({ expected }) => expected.yMm)),
  }
  const m = {
    x: mean(marks.map(({ measured }) => measured.xMm)),
    y: mean(marks.map(({ measured }) => measured.yMm)),
  }
  const pairs = marks.map(({ expected, measured }) => ({
    ex: expected.xMm - c.x,
    ey: expected.yMm - c.y,
    mx: measured.xMm - m.x,
    my: measured.yMm - m.y,
  }))
  const sum = (term: (pair: (typeof pairs)[number]) => number) =>
    pairs.reduce((total, pair) => total + term(pair), 0)
  const [sxx, syy] = [sum(({ ex }) => ex * ex), sum(({ ey }) => ey * ey)]
  const [a, b, d, e] = [
    sum(({ mx, ex }) => mx * ex),
    sum(({ my, ex }) => my * ex),
    sum(({ mx, ey }) => mx * ey),
    sum(({ my, ey }) => my * ey),
  ]
  const rigid = marks.length === 2
  let theta = rigid
    ? Math.atan2(b - d, a + e)
    : Math.atan2(2 * ((a * b) / sxx - (d * e) / syy), (a * a - b * b) / sxx + (e * e - d * d) / syy) / 2
  // Both θ and θ + 180° make the form greatest; the one that does not mirror is meant.
  if (
    !rigid &&
    (Math.cos(theta) * a + Math.sin(theta) * b) / sxx + (Math.cos(theta) * e - Math.sin(theta) * d) / syy < 0
  )
    theta += theta > 0 ? -Math.PI : Math.PI
  const [cos, sin] = [Math.cos(theta), Math.sin(theta)]
  const sx = rigid ? 0 : (cos * a + sin * b) / sxx - 1
  const sy = rigid ? 0 : (cos * e - sin * d) / syy - 1
  const squares = sum(({ ex, ey, mx, my }) => {
    const [x, y] = [(1 + sx) * ex, (1 + sy) * ey]
    return (mx - (cos * x - sin * y)) ** 2 + (my - (sin * x + cos * y)) ** 2
  })
  return {
    shiftMm: { x: m.x - c.x, y: m.y - c.y },
    rotationDeg: (theta * 180) / Math.PI,
    stretchXPercent: 100 * sx,
    stretchYPercent: 100 * sy,
    residualMm: Math.sqrt(squares / marks.length),
  }
}
