import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { frameFor, STOCK_FRAMES } from './frameFit'

describe('a stock frame for a sheet', () => {
  it('A sizes have the proportion 1 : √2 and halve from one to the next (ISO 216)', () => {
    for (const { widthMm, heightMm } of STOCK_FRAMES.filter(({ name }) => name.startsWith('A')))
      expect(heightMm / widthMm).toBeCloseTo(Math.SQRT2, 1)
    const size = (name: string) => STOCK_FRAMES.find((frame) => frame.name === name)!
    expect(size('A4').heightMm).toBe(size('A3').widthMm)
    expect(Math.abs(size('A3').heightMm / 2 - size('A4').widthMm)).toBeLessThanOrEqual(1)
  })
  it('the smallest that takes it, whichever way up', () => {
    expect(frameFor({ widthMm: 300, heightMm: 250 })).toEqual({
      name: '11 × 14 in',
      sparesMm: { across: 29, down: 56 },
    })
    expect(frameFor({ widthMm: 250, heightMm: 300 })!.name).toBe('11 × 14 in')
    expect(frameFor({ widthMm: 210, heightMm: 297 })).toEqual({
      name: 'A4',
      sparesMm: { across: 0, down: 0 },
    })
    expect(frameFor({ widthMm: 700, heightMm: 1000 })).toBeNull()
  })
  it('never takes one the sheet does not fit (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 900 }),
        fc.integer({ min: 50, max: 900 }),
        (widthMm, heightMm) => {
          const fit = frameFor({ widthMm, heightMm })
          if (fit) expect(fit.sparesMm.across >= 0 && fit.sparesMm.down >= 0).toBe(true)
        },
      ),
    )
  })
})
