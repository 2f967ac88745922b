import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { levenbergMarquardt } from 'ml-levenberg-marquardt'
import { planTearing, tearPlanInput, type TearPlanInput } from './tearPlan'
import { fitSoak, secondsFor, soakFitInput } from './soakFit'

const plan = (sheet: [number, number], piece: [number, number], more: Partial<TearPlanInput> = {}) =>
  planTearing({
    sheet: { widthMm: sheet[0], heightMm: sheet[1] },
    piece: { widthMm: piece[0], heightMm: piece[1] },
    allowRotate: true,
    gapMm: 0,
    ...more,
  })

/** Every guillotine cut at every whole position, tried without any thought. */
function bruteForce(
  width: number,
  height: number,
  w: number,
  h: number,
  known = new Map<string, number>(),
): number {
  const key = `${width} ${height}`
  const before = known.get(key)
  if (before !== undefined) return before
  let best = (width >= w && height >= h) || (width >= h && height >= w) ? 1 : 0
  for (let x = 1; x <= width / 2; x++)
    best = Math.max(best, bruteForce(x, height, w, h, known) + bruteForce(width - x, height, w, h, known))
  for (let y = 1; y <= height / 2; y++)
    best = Math.max(best, bruteForce(width, y, w, h, known) + bruteForce(width, height - y, w, h, known))
  known.set(key, best)
  return best
}

describe('tearing pieces out of a sheet', () => {
  it.each([
    ['A1', [594, 841], [210, 297], 8],
    ['A2', [420, 594], [148, 210], 8],
    ['A3', [297, 420], [210, 297], 2],
    ['A0', [841, 1189], [297, 420], 8],
  ] as const)('%s gives %s → %s as ISO 216 says: %i', (_, sheet, piece, count) =>
    expect(plan([...sheet], [...piece]).count).toBe(count),
  )
  it('an imperial sheet of 22 × 30 in gives eight of 7½ × 11, and four quarters', () => {
    expect(plan([558.8, 762], [190.5, 279.4]).count).toBe(8)
    expect(plan([558.8, 762], [279.4, 381]).count).toBe(4)
  })
  it('mixes both ways round where that gives more', () => {
    const mixed = plan([7, 5], [3, 2])
    expect(mixed.count).toBe(5)
    expect(new Set(mixed.placements.map(({ rotated }) => rotated)).size).toBe(2)
    expect(plan([7, 5], [3, 2], { allowRotate: false }).count).toBe(4)
  })
  it('is as good as brute force on every small sheet (property)', () => {
    const side = fc.integer({ min: 2, max: 18 })
    fc.assert(
      fc.property(
        side,
        side,
        fc.integer({ min: 1, max: 7 }),
        fc.integer({ min: 1, max: 7 }),
        (width, height, w, h) => {
          if (
            !tearPlanInput.safeParse({
              sheet: { widthMm: width, heightMm: height },
              piece: { widthMm: w, heightMm: h },
              allowRotate: true,
              gapMm: 0,
            }).success
          )
            return
          expect(plan([width, height], [w, h]).count).toBe(bruteForce(width, height, w, h))
        },
      ),
      { numRuns: 150 },
    )
  })
  it('lays no piece over another, over the edge, or nearer than the gap (property)', () => {
    const side = fc.double({ min: 60, max: 400, noNaN: true })
    fc.assert(
      fc.property(
        side,
        side,
        fc.double({ min: 40, max: 120, noNaN: true }),
        fc.double({ min: 40, max: 120, noNaN: true }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        (width, height, w, h, gapMm) => {
          const input = tearPlanInput.safeParse({
            sheet: { widthMm: width, heightMm: height },
            piece: { widthMm: w, heightMm: h },
            allowRotate: true,
            gapMm,
          })
          if (!input.success) return
          const { count, placements } = planTearing(input.data)
          expect(placements).toHaveLength(count)
          for (const [i, a] of placements.entries()) {
            expect(a.xMm).toBeGreaterThanOrEqual(-1e-9)
            expect(a.xMm + a.widthMm).toBeLessThanOrEqual(width + 0.002)
            expect(a.yMm + a.heightMm).toBeLessThanOrEqual(height + 0.002)
            for (const b of placements.slice(i + 1)) {
              const apart = Math.max(
                b.xMm - a.xMm - a.widthMm,
                a.xMm - b.xMm - b.widthMm,
                b.yMm - a.yMm - a.heightMm,
                a.yMm - b.yMm - b.heightMm,
              )
              expect(apart).toBeGreaterThanOrEqual(gapMm - 0.003)
            }
          }
        },
      ),
    )
  })
  it('loses the gap between neighbours and none at the edge', () => {
    expect(plan([10, 200], [10, 100], { gapMm: 10, allowRotate: false }).count).toBe(1)
    expect(plan([10, 210], [10, 100], { gapMm: 10, allowRotate: false }).count).toBe(2)
    expect(plan([100, 10], [20, 10], { gapMm: 0 }).count).toBe(5)
    expect(plan([100, 10], [20, 10], { gapMm: 1 }).count).toBe(4)
    expect(plan([104, 10], [20, 10], { gapMm: 1 }).count).toBe(5)
  })
  it('answers for small pieces of a large sheet too', () =>
    expect(plan([1000, 700], [37, 23]).count).toBeGreaterThanOrEqual(810))
  it.each([
    [
      [1000, 1000],
      [31, 17],
    ],
    [
      [3000, 2000],
      [13.7, 11.3],
    ],
    [
      [997, 463],
      [29, 13],
    ],
  ] as const)(
    'of %j gives no fewer of %j than somebody finds by hand: strips of both ways round, side by side',
    (sheet, piece) => {
      const [width, height] = sheet
      const [w, h] = piece
      const byHand = Array.from({ length: Math.floor(width / w) + 1 }, (_, strips) => {
        const left = Math.floor((width - strips * w) / h)
        return strips * Math.floor(height / h) + left * Math.floor(height / w)
      })
      const { count } = plan([...sheet], [...piece])
      expect(count).toBeGreaterThanOrEqual(Math.max(...byHand))
      expect(count).toBeLessThanOrEqual((width * height) / (w * h))
    },
  )
  it('takes what fits, to the edge of the sheet and to the most pieces, and says of the rest which side is too long', () => {
    const problem = (sheet: [number, number], piece: [number, number], allowRotate: boolean) =>
      tearPlanInput.safeParse({
        sheet: { widthMm: sheet[0], heightMm: sheet[1] },
        piece: { widthMm: piece[0], heightMm: piece[1] },
        allowRotate,
        gapMm: 0,
      }).error?.issues[0].path ?? null
    expect(problem([100, 60], [100, 60], false)).toBeNull()
    expect(problem([100, 60], [60, 100], true)).toBeNull()
    expect(problem([100, 60], [60, 100], false)).toEqual(['piece', 'heightMm'])
    expect(problem([100, 60], [100, 61], true)).toEqual(['piece', 'heightMm'])
    expect(problem([100, 60], [101, 60], true)).toEqual(['piece', 'widthMm'])
    expect(problem([1000, 1000], [10, 1], true)).toBeNull()
    expect(problem([1000, 1000], [4, 4], true)).toBeNull()
    expect(problem([1000, 1000], [9, 1], true)).toEqual(['piece'])
  })
  it('of strips two millimetres wide is exact', () => {
    // By hand: 380 across and 2 deep leave 760 × 160 mm, in which turned ones lie 3 across and 80 deep.
    const { count } = plan([760, 560], [2, 200])
    expect(count).toBe(1000)
  })
  it('refuses a piece so small that nobody would tear it', () =>
    expect(
      tearPlanInput.safeParse({
        sheet: { widthMm: 100_000, heightMm: 100_000 },
        piece: { widthMm: 2, heightMm: 200 },
        allowRotate: true,
        gapMm: 0,
      }).error?.issues[0].message,
    ).toContain('more than 100000'))
  it('refuses a piece that cannot fit, at its side', () => {
    expect(
      tearPlanInput.safeParse({
        sheet: { widthMm: 100, heightMm: 100 },
        piece: { widthMm: 120, heightMm: 50 },
        allowRotate: true,
        gapMm: 0,
      }).error!.issues[0].path,
    ).toEqual(['piece', 'widthMm'])
    expect(
      tearPlanInput.safeParse({
        sheet: { widthMm: 100, heightMm: 60 },
        piece: { widthMm: 50, heightMm: 90 },
        allowRotate: false,
        gapMm: 0,
      }).success,
    ).toBe(false)
  })
})

describe('soaking', () => {
  const curve = (seconds: number) => 80 * (1 - Math.exp(-seconds / 120))
  const points = [15, 30, 60, 120, 300, 600].map((seconds, i) => ({
    seconds,
    uptakePercent: curve(seconds) + [0.6, -0.4, 0.3, -0.5, 0.4, -0.2][i],
  }))
  it('two weigh-ins alike tell how much, not how fast', () => {
    const alike = [600, 1800].map((seconds) => ({ seconds, uptakePercent: 60 }))
    expect(soakFitInput.safeParse({ points: alike }).error!.issues[0].message).toContain('not how fast')
    // Nor do two that scatter about the same level.
    const level = [600, 1800, 3600].map((seconds, i) => ({ seconds, uptakePercent: 60 - 0.2 * i }))
    expect(soakFitInput.safeParse({ points: level }).error!.issues[0].message).toContain('weigh once sooner')
  })
  it('agrees with a general least-squares package', () => {
    const reference = levenbergMarquardt(
      { x: points.map(({ seconds }) => seconds), y: points.map(({ uptakePercent }) => uptakePercent) },
      ([u, tau]: number[]) =>
        (t: number) =>
          u * (1 - Math.exp(-t / tau)),
      {
        initialValues: [60, 100],
        maxIterations: 500,
        gradientDifference: 1e-6,
        damping: 0.01,
        errorTolerance: 1e-14,
      },
    )
    const { saturationPercent, tauSeconds } = fitSoak({ points })
    expect(saturationPercent).toBeCloseTo(reference.parameterValues[0], 2)
    expect(tauSeconds).toBeCloseTo(reference.parameterValues[1], 1)
  })
  it('finds a curve again (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 150, noNaN: true }),
        fc.double({ min: 20, max: 400, noNaN: true }),
        (u, tau) => {
          const fit = fitSoak({
            points: [20, 60, 180, 600].map((seconds) => ({
              seconds,
              uptakePercent: u * (1 - Math.exp(-seconds / tau)),
            })),
          })
          expect(fit.saturationPercent).toBeCloseTo(u, 3)
          expect(fit.tauSeconds / tau).toBeCloseTo(1, 4)
          expect(fit.rmsePercent).toBeLessThan(1e-4)
        },
      ),
    )
  })
  it('says how long for how much, or that it never takes up so much', () => {
    expect(secondsFor(40, { saturationPercent: 80, tauSeconds: 120 })).toBeCloseTo(120 * Math.LN2, 9)
    expect(secondsFor(80, { saturationPercent: 80, tauSeconds: 120 })).toBeNull()
  })
  it.each([
    [[{ seconds: 10, uptakePercent: 5 }], 'at least two'],
    [
      [
        { seconds: 10, uptakePercent: 5 },
        { seconds: 10, uptakePercent: 6 },
      ],
      'two different times',
    ],
    [
      [
        { seconds: 10, uptakePercent: 0 },
        { seconds: 20, uptakePercent: 0 },
      ],
      'no water',
    ],
    [
      [
        { seconds: 10, uptakePercent: 1 },
        { seconds: 20, uptakePercent: 2 },
        { seconds: 40, uptakePercent: 4 },
      ],
      'do not level off',
    ],
    [
      [
        { seconds: 10, uptakePercent: -1 },
        { seconds: 20, uptakePercent: 2 },
      ],
      '0 or more',
    ],
  ])('refuses %j', (bad, words) =>
    expect(soakFitInput.safeParse({ points: bad }).error!.issues[0].message).toContain(words),
  )
})
