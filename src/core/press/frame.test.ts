import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { frameStiffness, frameTrialSchema, gapToSet, gapUnderLoad, rollerLoad } from './frame'
import { pressStack, type Layer } from './pressStack'

const felt: Layer = { name: 'Felt', thicknessMm: 6, modulusMPa: 1, densificationStrain: null }
const stack = { rollerRadiusMm: 50, layers: [felt], plateThicknessMm: 1 }
const width = fc.double({ min: 50, max: 600, noNaN: true })
const stiffness = fc.double({ min: 2000, max: 2e5, noNaN: true })

describe('a frame that gives way', () => {
  it('agrees with the closed form of one linear layer: load = (4/3)(E/T)·d·√(2R·d) a millimetre, plate as wide as the sheet', () => {
    const [k, set, plateMm] = [20_000, 5.5, 300]
    const gap = gapUnderLoad(stack, set, { plateMm, sheetMm: plateMm }, k)
    const d = 7 - gap
    expect(gap - set).toBeCloseTo(((4 / 3) * (1 / 6) * d * Math.sqrt(100 * d) * plateMm) / k, 6)
  })
  it('opens more under a wide plate than a narrow one, and never at all when it is rigid (property)', () => {
    fc.assert(
      fc.property(width, width, stiffness, (a, b, k) => {
        const [narrow, wide] = [Math.min(a, b), Math.max(a, b)]
        const open = (plateMm: number, frame: number | null) =>
          gapUnderLoad(stack, 5, { plateMm, sheetMm: 700 }, frame)
        expect(open(wide, k)).toBeGreaterThanOrEqual(open(narrow, k) - 1e-9)
        expect(open(narrow, k)).toBeGreaterThan(5)
        expect(open(narrow, null)).toBe(5)
      }),
      { numRuns: 40 },
    )
  })
  it('is set tighter by exactly what it will give way (property)', () => {
    fc.assert(
      fc.property(width, stiffness, (plateMm, k) => {
        const across = { plateMm, sheetMm: plateMm + 60 }
        const set = gapToSet({ ...stack, gapMm: 5.5 }, across, k)
        fc.pre(set > 0)
        expect(gapUnderLoad(stack, set, across, k)).toBeCloseTo(5.5, 6)
      }),
      { numRuns: 40 },
    )
  })
  it('is not moved where nothing is pressed', () =>
    expect(gapUnderLoad(stack, 8, { plateMm: 300, sheetMm: 300 }, 1000)).toBe(8))
  it('is found again with the sheet beside the plate bearing its part', () => {
    const k = 30_000
    // Tight enough that the sheet beside the plate is pressed too.
    const alike = { ...stack, gapMm: 4.6 }
    const set = (plateMm: number) => gapToSet(alike, { plateMm, sheetMm: 500 }, k)
    const beside = pressStack({ ...alike, gapMm: alike.gapMm + alike.plateThicknessMm }).lineLoadNPerMm
    expect(beside).toBeGreaterThan(0)
    const trial = frameTrialSchema.parse({
      narrow: { widthMm: 100, setMm: set(100) },
      wide: { widthMm: 400, setMm: set(400) },
      lineLoadNPerMm: pressStack(alike).lineLoadNPerMm,
      besideNPerMm: beside,
      sheetMm: 500,
    })
    expect(frameStiffness(trial) / k).toBeCloseTo(1, 5)
    // Without it the frame seems stiffer than it is.
    expect(frameStiffness({ ...trial, besideNPerMm: 0 })).toBeGreaterThan(1.05 * k)
  })
  it('is found again from two plates that print alike', () => {
    const k = 30_000
    const alike = { ...stack, gapMm: 5.6 }
    const set = (plateMm: number) => gapToSet(alike, { plateMm, sheetMm: plateMm }, k)
    const trial = frameTrialSchema.parse({
      narrow: { widthMm: 100, setMm: set(100) },
      wide: { widthMm: 400, setMm: set(400) },
      lineLoadNPerMm: pressStack(alike).lineLoadNPerMm,
    })
    expect(frameStiffness(trial)).toBeCloseTo(k, 3)
    expect(rollerLoad(alike, { plateMm: 200, sheetMm: 200 })).toBeCloseTo(
      200 * pressStack(alike).lineLoadNPerMm,
      9,
    )
  })
  it.each([
    [
      'wide.widthMm',
      { narrow: { widthMm: 300, setMm: 5 }, wide: { widthMm: 200, setMm: 4 }, lineLoadNPerMm: 9 },
    ],
    [
      'wide.setMm',
      { narrow: { widthMm: 100, setMm: 5 }, wide: { widthMm: 200, setMm: 5 }, lineLoadNPerMm: 9 },
    ],
  ])('says at %s what cannot be', (field, trial) =>
    expect(frameTrialSchema.safeParse(trial).error?.issues[0].path.join('.')).toBe(field),
  )
})
