import { normals } from '../stats/random'
import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { levenbergMarquardt } from 'ml-levenberg-marquardt'
import { accountBath, bathUseSchema, platesLeft } from './bathAccount'
import { biteStripSchema, fitBite, minutesForTone, slowness, toneAt } from './biteCurve'
import { bitePlanSchema, planBite } from './bitePlan'
import { exposureInput, planExposure } from './exposure'

const shape = { ceiling: 1.6, riseMinutes: 4, collapseMinutes: null }
const strip = (minutes: number[], tone: (t: number) => number) => ({
  points: minutes.map((t) => ({ minutes: t, tone: Math.max(0, tone(t)) })),
  temperatureC: 20,
})
const RISING = strip([0.5, 1, 2, 4, 8, 16], (t) => toneAt(shape, t))

describe('a test strip', () => {
  it('that only rises is fitted without a collapse, and its numbers found again', () => {
    const curve = fitBite(RISING)
    expect(curve.collapseMinutes).toBeNull()
    expect(curve.ceiling).toBeCloseTo(1.6, 4)
    expect(curve.riseMinutes).toBeCloseTo(4, 3)
    expect(curve.rmse).toBeLessThan(1e-5)
  })
  it('agrees with a general least-squares package when its readings scatter', () => {
    const scattered = strip([0.5, 1, 2, 4, 8, 16], (t) => toneAt(shape, t) + 0.03 * Math.sin(9 * t))
    const reference = levenbergMarquardt(
      { x: scattered.points.map(({ minutes }) => minutes), y: scattered.points.map(({ tone }) => tone) },
      ([a, tau]: number[]) =>
        (t: number) =>
          a * (1 - Math.exp(-t / tau)),
      {
        initialValues: [1.4, 3],
        maxIterations: 500,
        gradientDifference: 1e-6,
        damping: 0.01,
        errorTolerance: 1e-14,
      },
    )
    const curve = fitBite(scattered)
    expect(curve.ceiling).toBeCloseTo(reference.parameterValues[0], 3)
    expect(curve.riseMinutes).toBeCloseTo(reference.parameterValues[1], 2)
  })
  it('that collapses has a peak where it is darkest', () => {
    const collapsing = { ceiling: 2, riseMinutes: 3, collapseMinutes: 20 }
    const curve = fitBite(strip([1, 2, 4, 8, 12, 18, 26], (t) => toneAt(collapsing, t)))
    expect(curve.collapseMinutes).toBeCloseTo(20, 1)
    for (const by of [-0.5, 0.5]) expect(toneAt(curve, curve.peakMinutes + by)).toBeLessThan(curve.peakTone)
    expect(minutesForTone(curve, curve.peakTone + 0.1)).toBeNull()
  })
  it('is told to collapse where it does, and seldom where its readings only scatter', () => {
    const next = normals(7)
    const minutes = [0.5, 1, 2, 4, 8, 12, 18, 26]
    const told = (truth: Parameters<typeof toneAt>[0]) =>
      Array.from({ length: 200 }, () =>
        fitBite(strip(minutes, (t) => toneAt(truth, t) + 0.03 * next())),
      ).filter(({ collapseMinutes }) => collapseMinutes !== null).length / 200
    expect(told({ ceiling: 1.6, riseMinutes: 4, collapseMinutes: null })).toBeLessThan(0.05)
    expect(told({ ceiling: 2, riseMinutes: 3, collapseMinutes: 24 })).toBeGreaterThan(0.98)
  })
  it('read in any order is the same strip', () => {
    const collapsing = { ceiling: 2, riseMinutes: 3, collapseMinutes: 20 }
    const { points, temperatureC } = strip([1, 2, 4, 8, 12, 18, 26], (t) => toneAt(collapsing, t))
    expect(fitBite({ points: [...points].reverse(), temperatureC })).toEqual(
      fitBite({ points, temperatureC }),
    )
  })
  it('says by how much its readings miss the curve: the root of the mean square', () => {
    const { points } = strip([0.5, 1, 2, 4, 8, 16], (t) => toneAt(shape, t) + 0.03 * Math.sin(9 * t))
    const curve = fitBite({ points, temperatureC: 20 })
    const squares = points.map(({ minutes, tone }) => (toneAt(curve, minutes) - tone) ** 2)
    expect(curve.rmse).toBeCloseTo(Math.sqrt(squares.reduce((sum, one) => sum + one, 0) / 6), 9)
  })
  it('of three steps tells of no collapse, nor one whose last step is as dark as any', () => {
    expect(
      fitBite(strip([1, 8, 20], (t) => [0.5, 1.4, 0.7][[1, 8, 20].indexOf(t)])).collapseMinutes,
    ).toBeNull()
    // A curve that bends down fits these better, but nothing was seen to fall.
    const tones = [0.4, 0.75, 1.2, 1.45, 1.47, 1.46]
    const minutes = [1, 2, 4, 8, 12, 16]
    expect(fitBite(strip(minutes, (t) => tones[minutes.indexOf(t)])).collapseMinutes).toBeNull()
    const falls = [0.4, 0.75, 1.2, 1.45, 1.3, 1]
    expect(fitBite(strip(minutes, (t) => falls[minutes.indexOf(t)])).collapseMinutes).not.toBeNull()
  })
  it('is odd at the step that falls by more than anybody misreads, where a later one is darker than the one before', () => {
    const minutes = [1, 2, 4, 8, 16]
    const remarks = (...tones: number[]) =>
      fitBite(strip(minutes, (t) => tones[minutes.indexOf(t)])).remarks.filter((words) =>
        words.includes('falls'),
      )
    expect(remarks(0.3, 0.7, 0.9, 1.1, 1.3)).toEqual([])
    expect(remarks(0.3, 0.7, 0.67, 1.1, 1.3)).toEqual([])
    expect(remarks(0.3, 0.7, 0.6, 0.65, 0.55)).toEqual([])
    expect(remarks(0.3, 0.9, 1.2, 0.8, 1.25)).toEqual([expect.stringContaining('falls at 8 minutes')])
    expect(remarks(0.9, 0.4, 0.5, 0.7, 1)).toEqual([expect.stringContaining('falls at 2 minutes')])
  })
  it('that levels off, or collapses, has nothing said of its end', () => {
    expect(fitBite(RISING).remarks).toEqual([])
    const collapsing = { ceiling: 2, riseMinutes: 3, collapseMinutes: 20 }
    expect(fitBite(strip([1, 2, 4, 8, 12, 18, 26], (t) => toneAt(collapsing, t))).remarks).toEqual([])
  })
  it('shows a tone as soon as one step is darker than anybody misreads', () => {
    const faint = (tone: number) =>
      biteStripSchema.safeParse({
        points: [0, 0, tone].map((one, i) => ({ minutes: i + 1, tone: one })),
        temperatureC: 20,
      })
    expect(faint(0.04).success).toBe(false)
    expect(faint(0.05).success).toBe(true)
  })
  it('gives back the minutes of a tone on its rising side (property)', () => {
    const curve = fitBite(RISING)
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 1.4, noNaN: true }), (tone) => {
        expect(toneAt(curve, minutesForTone(curve, tone)!)).toBeCloseTo(tone, 9)
      }),
    )
  })
  it('that falls and rises again is fitted, and said to be odd', () => {
    const odd = {
      points: [
        [1, 0.3],
        [2, 0.7],
        [4, 0.4],
        [8, 1.1],
        [16, 1.3],
      ].map(([minutes, tone]) => ({ minutes, tone })),
      temperatureC: 20,
    }
    expect(fitBite(odd).remarks[0]).toContain('falls at 4 minutes')
  })
  it('that ends too early says so', () =>
    expect(fitBite(strip([0.5, 1, 1.5, 2], (t) => toneAt(shape, t))).remarks.join()).toContain(
      'before the tone levels off',
    ))
  it.each([
    [{ points: RISING.points.slice(0, 2), temperatureC: 20 }, 'points'],
    [{ points: [...RISING.points, RISING.points[0]], temperatureC: 20 }, 'points.6.minutes'],
    [
      { points: RISING.points.map((point) => ({ ...point, minutes: -1 })), temperatureC: 20 },
      'points.0.minutes',
    ],
    [{ points: RISING.points.map((point) => ({ ...point, tone: 0 })), temperatureC: 20 }, 'points'],
    [{ ...RISING, temperatureC: 200 }, 'temperatureC'],
  ])('refuses %#', (bad, field) =>
    expect(biteStripSchema.safeParse(bad).error!.issues[0].path.join('.')).toBe(field),
  )
})

describe('a stop-out timetable', () => {
  const curve = fitBite(RISING)
  const areas = [
    { name: 'foreground', tone: 1.3 },
    { name: 'paper', tone: 0 },
    { name: 'sky', tone: 0.3 },
    { name: 'water', tone: 0.8 },
  ]
  it('goes from light to dark with cumulative minutes', () => {
    const { before, immersions } = planBite({ areas, bathC: 20 }, curve)
    expect(before).toEqual(['paper'])
    expect(immersions.map(({ stopOut }) => stopOut)).toEqual([['sky'], ['water'], ['foreground']])
    expect(immersions.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(
      immersions.at(-1)!.cumulativeMinutes,
      9,
    )
    expect(toneAt(curve, immersions[1].cumulativeMinutes)).toBeCloseTo(0.8, 6)
  })
  it('takes twice as long ten degrees colder', () => {
    expect(slowness(20, 10)).toBe(2)
    const [warm, cold] = [20, 10].map(
      (bathC) => planBite({ areas, bathC }, curve).immersions.at(-1)!.cumulativeMinutes,
    )
    expect(cold / warm).toBeCloseTo(2, 9)
  })
  it('stops out areas of one tone together, and names those out of reach', () => {
    const { immersions, outOfReach } = planBite(
      {
        areas: [
          { name: 'a', tone: 0.5 },
          { name: 'b', tone: 0.5 },
          { name: 'c', tone: 3 },
        ],
        bathC: 20,
      },
      curve,
    )
    expect(immersions.map(({ stopOut }) => stopOut)).toEqual([['a', 'b']])
    expect(outOfReach).toMatchObject([{ name: 'c' }])
  })
  it('never bites an area twice or leaves one out (property)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 1.5, noNaN: true }), { minLength: 1, maxLength: 12 }),
        (tones) => {
          const plan = planBite(
            { areas: tones.map((tone, i) => ({ name: `area ${i}`, tone })), bathC: 18 },
            curve,
          )
          const named = [
            ...plan.before,
            ...plan.immersions.flatMap(({ stopOut }) => stopOut),
            ...plan.outOfReach.map(({ name }) => name),
          ]
          expect([...named].sort()).toEqual(tones.map((_, i) => `area ${i}`).sort())
          for (const { minutes } of plan.immersions) expect(minutes).toBeGreaterThan(0)
        },
      ),
    )
  })
  it('refuses two areas of one name', () =>
    expect(
      bitePlanSchema.safeParse({ areas: [areas[0], areas[0]], bathC: 20 }).error!.issues[0].path,
    ).toEqual(['areas', 1, 'name']))
})

describe('exposure by a step wedge', () => {
  it('two steps of half a stop are twice the light', () =>
    expect(planExposure({ seconds: 60, held: 4, wanted: 6, stepDensity: 0.15 })).toBeCloseTo(
      60 * 10 ** 0.3,
      9,
    ))
  it('the step that held is the exposure that was given', () =>
    expect(planExposure({ seconds: 75, held: 7, wanted: 7, stepDensity: 0.15 })).toBe(75))
  it('refuses half steps', () =>
    expect(
      exposureInput.safeParse({ seconds: 60, held: 4.5, wanted: 6, stepDensity: 0.15 }).error!.issues[0].path,
    ).toEqual(['held']))
})

describe('the account of a bath', () => {
  const use = {
    plate: 'Samphire',
    openAreaCm2: 60,
    minutes: 12,
    depthMicrometres: 100,
    lossGrams: null,
    at: '2031-05-02T09:00:00.000Z',
    by: 'Ida Quill',
  }
  const bath = { recipe: 'saline-sulphate-aluminium' as const, volumeMl: 500 }
  it('falls by the metal of every plate', () => {
    const { capacityGrams, takenGrams, leftGrams } = accountBath({ ...bath, uses: [use, use] })
    expect(capacityGrams).toBeCloseTo(3.602, 3)
    expect(takenGrams).toBeCloseTo(2 * 1.62, 9)
    expect(leftGrams).toBeCloseTo(3.602 - 3.24, 3)
  })
  it('believes the scale before the reckoning, and learns from both', () => {
    const { takenGrams, correction, depths } = accountBath({
      ...bath,
      uses: [
        { ...use, lossGrams: 2.43 },
        { ...use, depthMicrometres: null, lossGrams: 0.81 },
      ],
    })
    expect(takenGrams).toBeCloseTo(3.24, 9)
    expect(correction).toBeCloseTo(1.5, 9)
    expect(depths[1].weighed).toBeCloseTo(50, 6)
  })
  it('says how many plates are likely left', () => {
    expect(
      platesLeft({ leftGrams: 3.602, correction: null }, bath.recipe, {
        openAreaCm2: 60,
        depthMicrometres: 100,
      }),
    ).toBe(2)
    expect(
      platesLeft({ leftGrams: 3.602, correction: 1.5 }, bath.recipe, {
        openAreaCm2: 60,
        depthMicrometres: 100,
      }),
    ).toBe(1)
    expect(
      platesLeft({ leftGrams: 0, correction: null }, bath.recipe, { openAreaCm2: 60, depthMicrometres: 100 }),
    ).toBe(0)
  })
  it('wants a depth or a weight', () =>
    expect(bathUseSchema.safeParse({ ...use, depthMicrometres: null }).error!.issues[0].message).toContain(
      'weigh the plate',
    ))
})
