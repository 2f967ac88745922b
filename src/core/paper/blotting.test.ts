import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { blottingSchema, shareLeftByStroke, strokesFor } from './blotting'

describe('blotting', () => {
  it('worked by hand: two strokes from 72 to 58.32 % leave nine tenths a stroke', () => {
    expect(shareLeftByStroke([{ strokes: 2, beforePercent: 72, afterPercent: 58.32 }])).toBeCloseTo(0.9, 9)
  })
  it('knows nothing without a weighing', () => expect(shareLeftByStroke([])).toBeNull())
  it('finds the share that made the weighings (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.6, max: 0.99, noNaN: true }),
        fc.array(
          fc.record({
            strokes: fc.integer({ min: 1, max: 12 }),
            beforePercent: fc.double({ min: 30, max: 120, noNaN: true }),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        (share, sheets) => {
          const found = shareLeftByStroke(
            sheets.map((sheet) => ({ ...sheet, afterPercent: sheet.beforePercent * share ** sheet.strokes })),
          )!
          expect(found).toBeCloseTo(share, 9)
        },
      ),
    )
  })
  it('the strokes asked for come nearer than one more or one less (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 120, noNaN: true }),
        fc.double({ min: 20, max: 39, noNaN: true }),
        fc.double({ min: 0.7, max: 0.97, noNaN: true }),
        (now, target, share) => {
          const strokes = strokesFor(now, target, share)!
          const off = (n: number) => Math.abs(Math.log((now * share ** n) / target))
          expect(off(strokes)).toBeLessThanOrEqual(Math.min(off(strokes + 1), off(strokes - 1)) + 1e-9)
        },
      ),
    )
  })
  it('a sheet that is as dry as wanted wants none; a tool that takes nothing up has no answer', () => {
    expect(strokesFor(50, 55, 0.9)).toBe(0)
    expect(strokesFor(60, 55, 1)).toBeNull()
  })
  it('a sheet wetter after blotting is named', () => {
    const at = (more: object) =>
      blottingSchema.safeParse({
        paperId: 'heron',
        tool: 'blotters',
        strokes: 3,
        beforePercent: 70,
        afterPercent: 60,
        ...more,
      }).error?.issues[0].path
    expect(at({})).toBeUndefined()
    expect(at({ afterPercent: 71 })).toEqual(['afterPercent'])
    expect(at({ strokes: 0 })).toEqual(['strokes'])
  })
})
