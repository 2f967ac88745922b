import { converter } from 'culori'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { GREYS, greyStrip, layPicture } from './askPage'

describe('the page an absent approver is asked by', () => {
  it('shows a print at its own size where there is room, with a bar that is as long as it says', () => {
    expect(layPicture({ widthPx: 1000, heightPx: 500 }, { widthMm: 80, widthPx: 800 })).toEqual({
      widthMm: 100,
      heightMm: 50,
      scale: 1,
      bar: { ofMm: 50, drawnMm: 50 },
    })
  })
  it('makes a larger one smaller and says so; without a plate mark it tells no size', () => {
    const large = layPicture({ widthPx: 4000, heightPx: 3000 }, { widthMm: 600, widthPx: 3000 })
    expect(large.widthMm).toBeCloseTo(178, 6)
    expect(large.scale).toBeCloseTo(178 / 800, 6)
    expect(large.bar!.drawnMm / large.bar!.ofMm).toBeCloseTo(large.scale!, 9)
    expect(layPicture({ widthPx: 400, heightPx: 300 }, null)).toMatchObject({ scale: null, bar: null })
  })
  it('never leaves the page, never shows a print larger than it is, and its bar keeps the picture’s scale', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 8000 }),
        fc.integer({ min: 50, max: 8000 }),
        fc.integer({ min: 10, max: 2000 }),
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        (widthPx, heightPx, widthMm, share) => {
          const laid = layPicture({ widthPx, heightPx }, { widthMm, widthPx: widthPx * share })
          expect(laid.widthMm).toBeLessThanOrEqual(178 + 1e-9)
          expect(laid.heightMm).toBeLessThanOrEqual(150 + 1e-9)
          expect(laid.scale!).toBeLessThanOrEqual(1 + 1e-9)
          expect(laid.widthMm * share).toBeCloseTo(widthMm * laid.scale!, 6)
          if (laid.bar) expect(laid.bar.drawnMm).toBeCloseTo(laid.bar.ofMm * laid.scale!, 9)
        },
      ),
    )
  })
  it('has greys as an independent colour library has them, without a hue', () => {
    const rgb = converter('rgb')
    greyStrip().forEach(({ lightness, srgb }, i) => {
      expect(lightness).toBe(GREYS[i])
      const known = rgb({ mode: 'lab', l: lightness, a: 0, b: 0 })
      const level = Number.parseInt(srgb.slice(1, 3), 16)
      expect(Math.abs(level - known.r * 255)).toBeLessThan(1)
      expect(new Set([srgb.slice(1, 3), srgb.slice(3, 5), srgb.slice(5, 7)]).size).toBe(1)
    })
  })
})
