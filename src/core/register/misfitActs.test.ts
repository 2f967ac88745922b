import { describe, expect, it } from 'vitest'
import { misfitActs } from './misfitActs'
import { solveMisregister } from './misregister'

const fits = {
  shiftMm: { x: 0, y: 0 },
  rotationDeg: 0,
  stretchXPercent: 0,
  stretchYPercent: 0,
  residualMm: 0,
}

describe('a misfit said in acts', () => {
  it('that is none says so', () => expect(misfitActs(fits)).toEqual(['It fits as well as can be measured.']))
  it('turns left and right round, because the plate is seen reversed', () => {
    expect(misfitActs({ ...fits, shiftMm: { x: 0.6, y: 0 } })).toEqual([
      'Move the plate 0.6 mm to the right.',
    ])
    expect(misfitActs({ ...fits, shiftMm: { x: 0, y: -0.4 } })).toEqual([
      'Move the plate 0.4 mm away from you.',
    ])
  })
  it('says which stretch no moving mends, and what is left over', () => {
    const acts = misfitActs({ ...fits, stretchYPercent: -0.4, residualMm: 0.3 })
    expect(acts[0]).toContain('0.4 % too small up and down')
    expect(acts[1]).toContain('0.3 mm is left over')
  })
  it('moving the plate so brings the print back: the mirrored plate carries the opposite shift and turn', () => {
    // A plate moved right by d, seen reversed, moves the print left by d: what was +d too far right is mended.
    const off = solveMisregister({
      marks: [
        [0, 0],
        [100, 0],
        [0, 80],
      ].map(([xMm, yMm]) => ({ expected: { xMm, yMm }, measured: { xMm: xMm + 0.6, yMm } })),
    })
    const plateMove = misfitActs(off)[0].includes('right') ? 0.6 : -0.6
    expect(off.shiftMm.x - plateMove).toBeCloseTo(0, 9)
  })
})
