import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { planTearing } from './tearPlan'
import { deckledPieces, tearSteps } from './tearSteps'

const plan = (sheet: [number, number], piece: [number, number], allowRotate = false, gapMm = 0) => {
  const size = { widthMm: sheet[0], heightMm: sheet[1] }
  const { placements } = planTearing({
    sheet: size,
    piece: { widthMm: piece[0], heightMm: piece[1] },
    allowRotate,
    gapMm,
  })
  return { size, placements, steps: tearSteps(size, placements) }
}

describe('the tears in order', () => {
  it('worked by hand: 300 × 250 from 560 × 760: one strip of 300, then 250 three times', () => {
    expect(plan([560, 760], [300, 250]).steps).toEqual([
      { part: 'the sheet', parts: 1, from: 'left', settings: [{ atMm: 300, times: 1 }] },
      { part: 'strip 1', parts: 1, from: 'top', settings: [{ atMm: 250, times: 3 }] },
    ])
  })
  // ISO 216: an A2 sheet, 420 × 594 mm, halves into two A3 and quarters into four A4 with nothing left.
  it('A2 into four A4: halved, then each half halved', () => {
    expect(plan([420, 594], [210, 297]).steps).toEqual([
      { part: 'the sheet', parts: 1, from: 'left', settings: [{ atMm: 210, times: 1 }] },
      { part: '2 strips, each', parts: 2, from: 'top', settings: [{ atMm: 297, times: 1 }] },
    ])
  })
  it('a sheet that is the piece is not torn', () => expect(plan([300, 250], [300, 250]).steps).toEqual([]))
  it('only an edge is torn off where one strip is as wide as the sheet', () =>
    expect(plan([300, 600], [300, 250]).steps).toEqual([
      { part: 'the sheet', parts: 1, from: 'top', settings: [{ atMm: 250, times: 2 }] },
    ]))
  it('every plan comes apart: as many tears as separate pieces and offcuts need (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 300, max: 1200 }),
        fc.integer({ min: 300, max: 1200 }),
        fc.integer({ min: 90, max: 280 }),
        fc.integer({ min: 90, max: 280 }),
        fc.boolean(),
        (width, height, w, h, turn) => {
          const { placements, steps } = plan([width, height], [w, h], turn)
          // One tear divides one part into two: n pieces need at least n − 1 tears, and no tear leaves more than one offcut beside.
          const tears = steps.reduce(
            (sum, { parts, settings }) => sum + parts * settings.reduce((all, { times }) => all + times, 0),
            0,
          )
          expect(tears).toBeGreaterThanOrEqual(placements.length - 1)
          expect(tears).toBeLessThanOrEqual(2 * placements.length + 1)
          for (const { settings } of steps) for (const { atMm } of settings) expect(atMm).toBeGreaterThan(0)
        },
      ),
      { numRuns: 60 },
    )
  })
})

describe('deckles', () => {
  it('a grid of 3 × 3 leaves the middle piece without one', () => {
    const { size, placements } = plan([300, 300], [100, 100])
    expect([placements.length, deckledPieces(size, placements)]).toEqual([9, 8])
  })
})
