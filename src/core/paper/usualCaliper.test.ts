import { describe, expect, it } from 'vitest'
import { usualCaliperMm } from './usualCaliper'

describe('how thick a sheet usually is for its weight', () => {
  it('is within what shops measure of rag papers by their weight', () => {
    // From memory: calipers of mould-made rag papers, tissue and plate paper, millimetres.
    for (const [gsm, least, most] of [
      [250, 0.4, 0.52],
      [300, 0.48, 0.62],
      [12, 0.02, 0.05],
      [120, 0.16, 0.26],
    ]) {
      expect(usualCaliperMm(gsm)).toBeGreaterThanOrEqual(least)
      expect(usualCaliperMm(gsm)).toBeLessThanOrEqual(most)
    }
  })
  it('never falls with the weight, and is never nothing', () => {
    for (let gsm = 1; gsm < 600; gsm += 7)
      expect(usualCaliperMm(gsm + 7)).toBeGreaterThanOrEqual(usualCaliperMm(gsm))
    expect(usualCaliperMm(0.5)).toBeGreaterThan(0)
  })
})
