import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { climbDegrees, layerShares, nipProfile, stackWarnings } from './nip'
import { pressStack, type PressStack } from './pressStack'

const felt = (thicknessMm: number, modulusMPa: number, densificationStrain: number | null) => ({
  name: 'Felt',
  thicknessMm,
  modulusMPa,
  densificationStrain,
})
const stack = (more: Partial<PressStack> = {}): PressStack => ({
  rollerRadiusMm: 50,
  gapMm: 3,
  layers: [felt(3, 1, null)],
  plateThicknessMm: 0.6,
  ...more,
})

describe('the pressure’s course across the nip', () => {
  it('a linear layer presses as a parabola: worked by hand', () => {
    const profile = nipProfile(stack(), 10)
    expect(profile[10]).toMatchObject({ xMm: 0, onPlate: 1 })
    expect(profile[10].offPlate).toBeCloseTo(0, 12)
    // half way out: 1 − ¼
    expect(profile[5].onPlate).toBeCloseTo(0.75, 12)
    expect(profile.at(-1)!.xMm).toBeCloseTo(Math.sqrt(2 * 50 * 0.6), 12)
    expect(profile.at(-1)!.onPlate).toBeCloseTo(0, 12)
  })
  it('its area is the line load of the stack (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 1.5, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        (d0, modulus) => {
          const one = stack({ gapMm: 3.6 - d0, layers: [felt(3, modulus, 0.7)] })
          const profile = nipProfile(one, 400)
          const { peakMPa, lineLoadNPerMm } = pressStack(one)
          const area = profile
            .slice(1)
            .reduce(
              (sum, { xMm, onPlate }, i) =>
                sum + ((onPlate + profile[i].onPlate) / 2) * (xMm - profile[i].xMm),
              0,
            )
          expect((area * peakMPa) / lineLoadNPerMm).toBeCloseTo(1, 3)
        },
      ),
      { numRuns: 40 },
    )
  })
  it('nothing is pressed, nothing is drawn', () => expect(nipProfile(stack({ gapMm: 5 }))).toEqual([]))
})

describe('what is said of a stack', () => {
  it('how far each layer is pressed: worked by hand', () => {
    // σ = 1: ε = 1/(1 + 1/0.5) = 1/3, two thirds of 0.5.
    const d0 = 3 / 3
    expect(layerShares(stack({ gapMm: 3.6 - d0, layers: [felt(3, 1, 0.5)] }))[0].share).toBeCloseTo(2 / 3, 9)
    expect(layerShares(stack())[0].share).toBeNull()
  })
  it('the roller meets an edge of 1.5 mm at 14.8° with a radius of 45 mm', () =>
    expect(climbDegrees(45, 1.5)).toBeCloseTo(14.84, 2))
  it('warns of an edge, a height and a felt that is at its end, and of nothing else', () => {
    const plate = { bevelDegrees: 45, isHard: true }
    expect(stackWarnings(stack(), plate)).toEqual([])
    expect(stackWarnings(stack(), { ...plate, bevelDegrees: 0 })[0]).toMatch(/not bevelled/)
    expect(stackWarnings(stack(), { bevelDegrees: 0, isHard: false })).toEqual([])
    expect(stackWarnings(stack({ rollerRadiusMm: 12 }), plate)[0]).toMatch(/meets the edge at 18°/)
    expect(stackWarnings(stack({ gapMm: 2.02, layers: [felt(3, 1, 0.55)] }), plate)[0]).toMatch(
      /^Felt is pressed to 9\d % of what it can give/,
    )
  })
})
