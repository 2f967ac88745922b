import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { Matrix, SingularValueDecomposition } from 'ml-matrix'
import { misregisterInput, solveMisregister } from './misregister'

const CORNERS = [
  [20, 20],
  [280, 25],
  [275, 380],
  [15, 370],
] as const
const near = (least: number, most: number) => fc.double({ min: least, max: most, noNaN: true })

/** Marks carried along by a known move. */
function moved(
  expected: readonly (readonly [number, number])[],
  move: { x: number; y: number; degrees: number; sx: number; sy: number },
) {
  const [cx, cy] = [0, 1].map(
    (axis) => expected.reduce((sum, point) => sum + point[axis], 0) / expected.length,
  )
  const [cos, sin] = [Math.cos((move.degrees * Math.PI) / 180), Math.sin((move.degrees * Math.PI) / 180)]
  return expected.map(([x, y]) => {
    const [u, v] = [(1 + move.sx / 100) * (x - cx), (1 + move.sy / 100) * (y - cy)]
    return {
      expected: { xMm: x, yMm: y },
      measured: { xMm: cx + move.x + cos * u - sin * v, yMm: cy + move.y + sin * u + cos * v },
    }
  })
}

describe('misregister', () => {
  it('finds any move again (property)', () => {
    fc.assert(
      fc.property(
        near(-5, 5),
        near(-5, 5),
        near(-20, 20),
        near(-3, 3),
        near(-3, 3),
        (x, y, degrees, sx, sy) => {
          const found = solveMisregister({ marks: moved(CORNERS, { x, y, degrees, sx, sy }) })
          expect(found.shiftMm.x).toBeCloseTo(x, 8)
          expect(found.shiftMm.y).toBeCloseTo(y, 8)
          expect(found.rotationDeg).toBeCloseTo(degrees, 8)
          expect(found.stretchXPercent).toBeCloseTo(sx, 7)
          expect(found.stretchYPercent).toBeCloseTo(sy, 7)
          expect(found.residualMm).toBeLessThan(1e-9)
        },
      ),
    )
  })
  it('finds a sheet laid the other way round, and no print turned inside out', () => {
    for (const degrees of [95, 135, 170, -120, -179]) {
      const found = solveMisregister({ marks: moved(CORNERS, { x: 1, y: -2, degrees, sx: 0.4, sy: -0.3 }) })
      expect(found.rotationDeg).toBeCloseTo(degrees, 7)
      expect([found.stretchXPercent, found.stretchYPercent].map((value) => value.toFixed(6))).toEqual([
        '0.400000',
        '-0.300000',
      ])
    }
  })
  it('leaves no better five numbers near its own when the marks are noisy (property)', () => {
    fc.assert(
      fc.property(fc.array(near(-0.3, 0.3), { minLength: 8, maxLength: 8 }), (noise) => {
        const marks = moved(CORNERS, { x: 0.6, y: -0.2, degrees: 0.3, sx: 0.2, sy: -0.4 }).map(
          ({ expected, measured }, i) => ({
            expected,
            measured: { xMm: measured.xMm + noise[2 * i], yMm: measured.yMm + noise[2 * i + 1] },
          }),
        )
        const found = solveMisregister({ marks })
        const squares = (move: Parameters<typeof moved>[1]) =>
          moved(CORNERS, move).reduce(
            (sum, { measured }, i) =>
              sum + (measured.xMm - marks[i].measured.xMm) ** 2 + (measured.yMm - marks[i].measured.yMm) ** 2,
            0,
          )
        const best = {
          ...found.shiftMm,
          degrees: found.rotationDeg,
          sx: found.stretchXPercent,
          sy: found.stretchYPercent,
        }
        expect(Math.sqrt(squares(best) / 4)).toBeCloseTo(found.residualMm, 9)
        for (const key of ['x', 'y', 'degrees', 'sx', 'sy'] as const)
          for (const by of [-1e-3, 1e-3])
            expect(squares({ ...best, [key]: best[key] + by })).toBeGreaterThanOrEqual(squares(best) - 1e-12)
      }),
    )
  })
  it('turns by the angle of an SVD solution from a matrix library where nothing stretches (Kabsch 1976)', () => {
    const marks = moved(CORNERS, { x: 1.2, y: 0.4, degrees: 1.7, sx: 0, sy: 0 })
    const centred = (key: 'expected' | 'measured') => {
      const mean = (axis: 'xMm' | 'yMm') =>
        marks.reduce((sum, mark) => sum + mark[key][axis], 0) / marks.length
      return new Matrix(marks.map((mark) => [mark[key].xMm - mean('xMm'), mark[key].yMm - mean('yMm')]))
    }
    const svd = new SingularValueDecomposition(centred('expected').transpose().mmul(centred('measured')))
    const rotation = svd.rightSingularVectors.mmul(svd.leftSingularVectors.transpose())
    expect(solveMisregister({ marks }).rotationDeg).toBeCloseTo(
      (Math.atan2(rotation.get(1, 0), rotation.get(0, 0)) * 180) / Math.PI,
      8,
    )
  })
  it('with two marks stretches nothing, and says what is left over', () => {
    const found = solveMisregister({
      marks: [
        { expected: { xMm: 0, yMm: 0 }, measured: { xMm: 0, yMm: 0 } },
        { expected: { xMm: 100, yMm: 0 }, measured: { xMm: 101, yMm: 0 } },
      ],
    })
    expect(found).toMatchObject({
      stretchXPercent: 0,
      stretchYPercent: 0,
      rotationDeg: 0,
      shiftMm: { x: 0.5, y: 0 },
    })
    expect(found.residualMm).toBeCloseTo(0.5, 12)
  })
  const at = (xMm: number, yMm: number) => ({ expected: { xMm, yMm }, measured: { xMm, yMm } })
  it.each([
    [[at(0, 0)], 'marks: needs at least two'],
    [[at(1, 1), at(1, 1)], 'marks.1.expected: is the same place'],
    [[at(0, 0), at(10, 5), at(20, 10)], 'marks: lie on one line'],
    [[at(0, 0), at(Number.NaN, 5)], 'marks.1.expected.xMm: needs a number'],
  ])('refuses %j', (marks, words) => {
    const { path, message } = misregisterInput.safeParse({ marks }).error!.issues[0]
    expect(`${path.join('.')}: ${message}`).toContain(words)
  })
  it('takes marks that lie anywhere but on one line, and two of any place', () => {
    const takes = (...places: [number, number][]) =>
      misregisterInput.safeParse({ marks: places.map(([x, y]) => at(x, y)) }).success
    expect(takes([0, 0], [100, 0])).toBe(true)
    expect(takes([0, 0], [100, 0], [100, 100], [0, 100])).toBe(true)
    expect(takes([0, 0], [0, 100], [50, 100])).toBe(true)
    expect(takes([1000, 2000], [1100, 2000], [1050, 2005])).toBe(true)
    // On one line wherever it lies, and across as along.
    expect(takes([1000, 2000], [1100, 2050], [1200, 2100])).toBe(false)
    expect(takes([1000, -2000], [1000, 0], [1000, 70])).toBe(false)
    // Where a line ends: the middle of three marks 100 mm apart lies 0.043 mm beside it.
    expect(takes([0, 0], [100, 0], [50, 0.1])).toBe(true)
    expect(takes([0, 0], [100, 0], [50, 0.02])).toBe(false)
    expect(takes([0, 0], [0, 100], [0.1, 50])).toBe(true)
  })
  it('finds any turn of a long narrow sheet again, and of two marks (property)', () => {
    const degrees = near(-179, 179)
    const long = [
      [0, 0],
      [400, 3],
      [395, 21],
      [4, 18],
    ] as const
    fc.assert(
      fc.property(degrees, near(-30, 30), near(-30, 30), fc.boolean(), (turn, sx, sy, isUpright) => {
        const marks = isUpright ? long.map(([x, y]) => [y, x] as const) : long
        const found = solveMisregister({ marks: moved(marks, { x: 1, y: -2, degrees: turn, sx, sy }) })
        expect(found.rotationDeg).toBeCloseTo(turn, 6)
        expect(found.stretchXPercent).toBeCloseTo(sx, 5)
        expect(found.stretchYPercent).toBeCloseTo(sy, 5)
      }),
    )
    fc.assert(
      fc.property(degrees, near(-200, 200), near(1, 200), (turn, x, y) => {
        const two = [
          [10, 20],
          [10 + x, 20 + y],
        ] as const
        const found = solveMisregister({ marks: moved(two, { x: 3, y: 4, degrees: turn, sx: 0, sy: 0 }) })
        expect(found.rotationDeg).toBeCloseTo(turn, 7)
        expect(found.residualMm).toBeLessThan(1e-9)
      }),
    )
  })
})
