import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  dampSize,
  dryPlateMark,
  growthMarksSchema,
  growthOfSides,
  growthPercent,
  learnGrowth,
  strayOfDrierRun,
  USUAL_GROWTH,
} from './growth'

const sheet = { widthMm: 300, heightMm: 400 }
const plate = { widthMm: 180, heightMm: 120 }

describe('growth of a damp sheet', () => {
  it('worked by hand: 200 mm that measure 203 damp grow 1.5 %', () =>
    expect(growthPercent(200, 203)).toBeCloseTo(1.5, 9))
  it('long grain runs with the longer side, short grain across it', () => {
    expect(growthOfSides(sheet, 'long', USUAL_GROWTH)).toEqual({ widthPercent: 1.5, heightPercent: 0.35 })
    expect(growthOfSides(sheet, 'short', USUAL_GROWTH)).toEqual({ widthPercent: 0.35, heightPercent: 1.5 })
    expect(growthOfSides({ widthMm: 400, heightMm: 300 }, 'long', USUAL_GROWTH)).toEqual({
      widthPercent: 0.35,
      heightPercent: 1.5,
    })
    expect(growthOfSides(sheet, 'unknown', USUAL_GROWTH).widthPercent).toBeCloseTo(0.925, 9)
  })
  it('a 300 × 400 sheet of long grain is 304.5 × 401.4 damp, by hand', () => {
    const { widthMm, heightMm } = dampSize(sheet, 'long', USUAL_GROWTH)
    expect([widthMm, heightMm]).toEqual([
      expect.closeTo(304.5, 6) as number,
      expect.closeTo(401.4, 6) as number,
    ])
  })
  it('is more across the grain than along it (common practice, no source)', () =>
    expect(USUAL_GROWTH.acrossPercent).toBeGreaterThan(2 * USUAL_GROWTH.alongPercent))
  it('the dry plate mark is smaller than the plate, and grown again is the plate (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.constantFrom('long' as const, 'short' as const),
        (alongPercent, acrossPercent, grain) => {
          const growth = { alongPercent, acrossPercent }
          const mark = dryPlateMark(plate, sheet, grain, growth)
          expect(mark.widthMm).toBeLessThanOrEqual(plate.widthMm)
          const { widthPercent, heightPercent } = growthOfSides(sheet, grain, growth)
          expect(mark.widthMm * (1 + widthPercent / 100)).toBeCloseTo(plate.widthMm, 9)
          expect(mark.heightMm * (1 + heightPercent / 100)).toBeCloseTo(plate.heightMm, 9)
        },
      ),
    )
  })
})

describe('a second run pulled drier', () => {
  it('damped as much does not stray; bone dry strays by the whole growth', () => {
    expect(strayOfDrierRun(plate, sheet, 'long', USUAL_GROWTH, 1)).toEqual({ xMm: 0, yMm: 0 })
    // 90 mm from the middle, 1.5 % : 90 · (1 − 1/1.015) = 1.33 mm.
    expect(strayOfDrierRun(plate, sheet, 'long', USUAL_GROWTH, 0).xMm).toBeCloseTo(1.33, 3)
  })
  it('strays less the damper it is (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.9, noNaN: true }), (share) => {
        expect(strayOfDrierRun(plate, sheet, 'long', USUAL_GROWTH, share + 0.05).xMm).toBeLessThan(
          strayOfDrierRun(plate, sheet, 'long', USUAL_GROWTH, share).xMm,
        )
      }),
    )
  })
})

describe('growth learned from marks', () => {
  it('is the mean by length each way, and the usual where nothing was measured', () => {
    expect(learnGrowth([])).toEqual({ ...USUAL_GROWTH, alongFrom: 0, acrossFrom: 0 })
    const learned = learnGrowth([
      { direction: 'across', dryMm: 200, dampMm: 203 },
      { direction: 'across', dryMm: 100, dampMm: 102.1 },
    ])
    expect(learned.acrossPercent).toBeCloseTo((100 * 5.1) / 300, 9)
    expect([learned.acrossFrom, learned.alongFrom, learned.alongPercent]).toEqual([2, 0, 0.35])
  })
  it('refuses marks that cannot be, at their field', () => {
    const marks = { paperId: 'heron', direction: 'along' as const, dryMm: 200, dampMm: 203 }
    expect(growthMarksSchema.safeParse(marks).success).toBe(true)
    for (const dampMm of [190, 240])
      expect(growthMarksSchema.safeParse({ ...marks, dampMm }).error!.issues[0].path).toEqual(['dampMm'])
    expect(growthMarksSchema.safeParse({ ...marks, dryMm: 0 }).error!.issues[0].path).toEqual(['dryMm'])
  })
})
