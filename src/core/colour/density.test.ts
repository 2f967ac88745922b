import { describe, expect, it } from 'vitest'
import { deltaE00, deltaE00Terms } from './deltaE00'
import { SHARMA_PAIRS } from './sharmaPairs.test.fixture'
import { spectrumToLab } from './spectrumToLab'
import { visualDensity } from './visualDensity'

describe('visual density', () => {
  it('is the negative decimal logarithm of luminance: 1 is 0, a tenth 1, a half 0.301; floored where nothing comes back', () => {
    expect([1, 0.1, 0.5, 0].map(visualDensity)).toEqual([
      expect.closeTo(0, 12),
      expect.closeTo(1, 12),
      expect.closeTo(0.30103, 5),
      4,
    ])
  })
})

describe('a measured spectrum as colour', () => {
  it('of a perfect diffuser is L* 100 without colour, whatever the step it was read at', () => {
    for (const [startNm, stepNm, count] of [
      [380, 10, 36],
      [400, 20, 16],
    ]) {
      const reflectance = new Array<number>(count).fill(1)
      const { lab } = spectrumToLab({ startNm, stepNm, reflectance })
      expect(lab.L).toBeCloseTo(100, 6)
      expect(Math.hypot(lab.a, lab.b)).toBeLessThan(1e-6)
    }
  })
  it('of a grey of 18 % is L* 49.5 (CIE 15: 116 ∛0.18 − 16)', () => {
    const { lab, density } = spectrumToLab({
      startNm: 380,
      stepNm: 10,
      reflectance: new Array(36).fill(0.18),
    })
    expect(lab.L).toBeCloseTo(116 * Math.cbrt(0.18) - 16, 6)
    expect(density).toBeCloseTo(0.7447, 4)
  })
})

describe('the terms of CIEDE2000', () => {
  it('add up to the published differences', () => {
    for (const [L1, a1, b1, L2, a2, b2, deltaE] of SHARMA_PAIRS) {
      const [reference, sample] = [
        { L: L1, a: a1, b: b1 },
        { L: L2, a: a2, b: b2 },
      ]
      const { l, c, h, turn } = deltaE00Terms(reference, sample)
      expect(Math.sqrt(l * l + c * c + h * h + turn * c * h)).toBeCloseTo(deltaE, 4)
      expect(turn).toBeGreaterThanOrEqual(-2)
      expect(turn).toBeLessThanOrEqual(0)
    }
    expect(deltaE00({ L: 50, a: 0, b: 0 }, { L: 50, a: 0, b: 0 })).toBe(0)
  })
})
