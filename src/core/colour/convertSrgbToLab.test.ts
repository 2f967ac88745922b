import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { lab as toLab } from 'culori'
import { convertSrgbToLab } from './convertSrgbToLab'
import { convertLabToXyz } from './convertXyzToLab'
import { convertXyzToSrgb } from './convertXyzToSrgb'

const channel = fc.integer({ min: 0, max: 255 })
const hex = (values: number[]) => `#${values.map((value) => value.toString(16).padStart(2, '0')).join('')}`

describe('a screen colour as L*a*b*', () => {
  it('agrees with a general colour library, which works under D50 too (property)', () => {
    fc.assert(
      fc.property(channel, channel, channel, (red, green, blue) => {
        const ours = convertSrgbToLab(red / 255, green / 255, blue / 255)
        const theirs = toLab(hex([red, green, blue]))!
        expect(Math.abs(ours.L - theirs.l)).toBeLessThan(0.3)
        expect(Math.abs(ours.a - theirs.a)).toBeLessThan(0.6)
        expect(Math.abs(ours.b - theirs.b)).toBeLessThan(0.6)
      }),
    )
  })
  it('comes back as the same screen colour, within one step a channel (property)', () => {
    fc.assert(
      fc.property(channel, channel, channel, (red, green, blue) => {
        const back = convertXyzToSrgb(convertLabToXyz(convertSrgbToLab(red / 255, green / 255, blue / 255)))
        for (const [i, value] of [red, green, blue].entries())
          expect(Math.abs(parseInt(back.slice(1 + 2 * i, 3 + 2 * i), 16) - value)).toBeLessThanOrEqual(1)
      }),
    )
  })
  it('of white and black is 100 and 0 without chroma', () => {
    const white = convertSrgbToLab(1, 1, 1)
    expect(white.L).toBeCloseTo(100, 6)
    expect(Math.hypot(white.a, white.b)).toBeLessThan(1e-6)
    expect(convertSrgbToLab(0, 0, 0).L).toBeCloseTo(0, 9)
  })
})
