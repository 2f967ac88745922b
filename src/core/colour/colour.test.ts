import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { differenceCiede2000, formatHex, lab as toCuloriLab } from 'culori'
import { convertSpectrumToXyz, WHITE_D50 } from './convertSpectrumToXyz'
import { convertLabToXyz, convertXyzToLab, type Lab } from './convertXyzToLab'
import { convertXyzToSrgb } from './convertXyzToSrgb'
import { deltaE00 } from './deltaE00'
import { describeSpectrum } from './describeSpectrum'
import { SHARMA_PAIRS } from './sharmaPairs.test.fixture'
import { reflectanceSpectrum, resampleSpectrum, SPECTRUM_LENGTH } from './spectrum'

const anyLab = fc.record({
  L: fc.double({ min: 0, max: 100, noNaN: true }),
  a: fc.double({ min: -90, max: 90, noNaN: true }),
  b: fc.double({ min: -90, max: 90, noNaN: true }),
})

describe('deltaE00', () => {
  it.each(SHARMA_PAIRS.map((row, i) => [i + 1, row] as const))(
    'agrees with published pair %i',
    (_, [L1, a1, b1, L2, a2, b2, expected]) => {
      expect(deltaE00({ L: L1, a: a1, b: b1 }, { L: L2, a: a2, b: b2 })).toBeCloseTo(expected, 4)
    },
  )

  it('agrees with a general colour library, is symmetric, and is 0 for equal colours (property)', () => {
    const reference = differenceCiede2000()
    fc.assert(
      fc.property(anyLab, anyLab, (p, q) => {
        const ours = deltaE00(p, q)
        const theirs = reference(
          { mode: 'lab65', l: p.L, a: p.a, b: p.b },
          { mode: 'lab65', l: q.L, a: q.a, b: q.b },
        )
        expect(ours).toBeCloseTo(theirs, 6)
        expect(deltaE00(q, p)).toBeCloseTo(ours, 9)
        expect(deltaE00(p, p)).toBe(0)
      }),
    )
  })
})

describe('spectrum to colour', () => {
  it('finds the published white point of D50, 1931 2° (CIE 015: x 0.34567, y 0.35850)', () => {
    const sum = WHITE_D50.x + WHITE_D50.y + WHITE_D50.z
    expect(WHITE_D50.x / sum).toBeCloseTo(0.34567, 3)
    expect(WHITE_D50.y / sum).toBeCloseTo(0.3585, 3)
    expect(WHITE_D50.y).toBe(1)
  })

  it('gives L* 100, a* b* 0, white and density 0 for the perfect diffuser', () => {
    const { lab, srgb, density } = describeSpectrum(new Array(SPECTRUM_LENGTH).fill(1))
    expect(lab.L).toBeCloseTo(100, 9)
    expect(lab.a).toBeCloseTo(0, 9)
    expect(lab.b).toBeCloseTo(0, 9)
    expect(srgb).toBe('#ffffff')
    expect(density).toBeCloseTo(0, 9)
  })

  it('gives L* 49.5 for an 18 % grey (CIE 1976 definition) and floors density at 4', () => {
    expect(describeSpectrum(new Array(SPECTRUM_LENGTH).fill(0.18)).lab.L).toBeCloseTo(49.4961, 3)
    expect(describeSpectrum(new Array(SPECTRUM_LENGTH).fill(0)).density).toBe(4)
  })

  it('comes back from L*a*b* unchanged (property)', () => {
    fc.assert(
      fc.property(anyLab, (p) => {
        const back = convertXyzToLab(convertLabToXyz(p))
        expect(back.L).toBeCloseTo(p.L, 8)
        expect(back.a).toBeCloseTo(p.a, 8)
        expect(back.b).toBeCloseTo(p.b, 8)
      }),
    )
  })

  it.each<Lab>([
    { L: 60, a: 20, b: 30 },
    { L: 35, a: -20, b: -15 },
    { L: 80, a: 5, b: 60 },
    { L: 12, a: 0, b: 0 },
    { L: 50, a: 60, b: -40 },
  ])('agrees with a general colour library within one step a channel for %j', (p) => {
    const theirs = formatHex({ mode: 'lab', l: p.L, a: p.a, b: p.b })!
    const ours = convertXyzToSrgb(convertLabToXyz(p))
    for (const at of [1, 3, 5])
      expect(
        Math.abs(parseInt(ours.slice(at, at + 2), 16) - parseInt(theirs.slice(at, at + 2), 16)),
      ).toBeLessThanOrEqual(1)
    expect(toCuloriLab(theirs)!.l).toBeCloseTo(p.L, 0)
  })

  it('adds luminance: Y of a mixture of lights is the mean of both (property)', () => {
    const spectrum = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), {
      minLength: SPECTRUM_LENGTH,
      maxLength: SPECTRUM_LENGTH,
    })
    fc.assert(
      fc.property(spectrum, spectrum, (p, q) => {
        const mixed = convertSpectrumToXyz(p.map((v, i) => (v + q[i]) / 2)).y
        expect(mixed).toBeCloseTo((convertSpectrumToXyz(p).y + convertSpectrumToXyz(q).y) / 2, 12)
      }),
    )
  })
})

describe('spectra at the door', () => {
  it('names the length it wanted', () =>
    expect(reflectanceSpectrum.safeParse([0.1]).error!.issues[0].message).toBe('expected 36 numbers, got 1'))
  it('recognises percent', () =>
    expect(reflectanceSpectrum.safeParse(new Array(36).fill(45)).error!.issues[0].message).toContain(
      'percent',
    ))
  it('refuses non-finite numbers', () =>
    expect(reflectanceSpectrum.safeParse(new Array(36).fill(NaN)).success).toBe(false))
  it('holds the end value and interpolates between samples', () => {
    const resampled = resampleSpectrum(400, 20, [0.2, 0.4])
    expect(resampled[0]).toBe(0.2)
    expect(resampled[3]).toBeCloseTo(0.3, 12)
    expect(resampled.at(-1)).toBe(0.4)
  })
})
