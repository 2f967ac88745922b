import { describe, expect, it } from 'vitest'
import { lastingShift, misfitHistory, type KeptMisfit } from './misfitHistory'

const off = (x: number, y: number, plate = 'Plate 2'): KeptMisfit => ({
  plate,
  at: '2031-05-01T10:00:00.000Z',
  by: 'Ada',
  marks: [
    [0, 0],
    [180, 0],
    [0, 120],
  ].map(([xMm, yMm]) => ({ expected: { xMm, yMm }, measured: { xMm: xMm + x, yMm: yMm + y } })),
})

describe('misfits of a plate', () => {
  it('are solved one by one, of that plate only', () => {
    const history = misfitHistory([off(0.6, 0), off(3, 3, 'Plate 3'), off(0.1, -0.1)], 'Plate 2')
    expect(history.map(({ isSeen }) => isSeen)).toEqual([true, false])
    expect(history[0].solved.shiftMm.x).toBeCloseTo(0.6, 12)
    expect(history[0].worstMm).toBeCloseTo(0.6, 12)
  })
  it('that keep coming back the same way are said to last; those to and fro are not', () => {
    const of = (...shifts: [number, number][]) =>
      lastingShift(
        misfitHistory(
          shifts.map(([x, y]) => off(x, y)),
          'Plate 2',
        ),
      )
    expect(of([0.5, 0], [0.6, 0.1])).toBeNull()
    expect(of([0.5, 0], [0.6, 0.1], [0.55, -0.1])!.xMm).toBeCloseTo(0.55, 9)
    expect(of([0.5, 0], [-0.6, 0.1], [0.1, -0.1])).toBeNull()
  })
})
