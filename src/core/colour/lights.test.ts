import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { Color } from 'spectral.js'
import { convertSpectrumToXyz, weighIlluminant } from './convertSpectrumToXyz'
import { convertXyzToLab, convertLabToXyz } from './convertXyzToLab'
import { describeSpectrum } from './describeSpectrum'
import { deltaE00 } from './deltaE00'
import { ILLUMINANT_A, ILLUMINANT_D65 } from './illuminants'
import { compareUnderLights, isMetameric } from './metamerism'
import { smoothSpectrum } from './smoothSpectrum'
import { SPECTRUM_LENGTH, WAVELENGTHS_NM } from './spectrum'

const DIFFUSER = new Array<number>(SPECTRUM_LENGTH).fill(1)
const chromaticity = (illuminant: readonly number[]) => {
  const { x, y, z } = convertSpectrumToXyz(DIFFUSER, weighIlluminant(illuminant))
  return [x / (x + y + z), y / (x + y + z)]
}

describe('illuminants against their published chromaticities (CIE 015, 1931 2°)', () => {
  it('D65 is x 0.31272, y 0.32903', () => {
    const [x, y] = chromaticity(ILLUMINANT_D65)
    expect(x).toBeCloseTo(0.31272, 3)
    expect(y).toBeCloseTo(0.32903, 3)
  })
  it('A is x 0.44758, y 0.40745', () => {
    const [x, y] = chromaticity(ILLUMINANT_A)
    expect(x).toBeCloseTo(0.44758, 3)
    expect(y).toBeCloseTo(0.40745, 3)
  })
  it('A has its published power at 400 and 700 nm (ISO/CIE 11664-2: 14.7080 and 198.261)', () => {
    expect(ILLUMINANT_A[WAVELENGTHS_NM.indexOf(400)]).toBeCloseTo(14.708, 2)
    expect(ILLUMINANT_A[WAVELENGTHS_NM.indexOf(700)]).toBeCloseTo(198.261, 2)
  })
})

describe('integration against a general spectral library', () => {
  it.each(['#c0392b', '#27ae60', '#2980b9', '#f1c40f', '#8e44ad', '#7f8c8d'])(
    'the reflectance it gives %s comes back as that colour',
    (hex) => {
      const theirs = new Color(hex)
      // Its curves run 380–750 nm by 10 and belong to D65; the last two samples carry no luminance.
      const xyz = convertSpectrumToXyz(theirs.R.slice(0, SPECTRUM_LENGTH), weighIlluminant(ILLUMINANT_D65))
      for (const [i, value] of [xyz.x, xyz.y, xyz.z].entries())
        expect(Math.abs(value - theirs.XYZ[i])).toBeLessThan(0.006)
    },
  )
})

describe('a pair under three lights', () => {
  it('does not part when the spectra are one', () => {
    const grey = new Array<number>(SPECTRUM_LENGTH).fill(0.4)
    expect(compareUnderLights(grey, grey)).toEqual({ d50: 0, d65: 0, a: 0 })
  })
  it('parts in lamp light when a made-up pair agrees only in the booth', () => {
    const smooth = smoothSpectrum(convertLabToXyz({ L: 55, a: 0, b: 0 }))!
    const comb = smoothSpectrum(convertLabToXyz({ L: 55, a: 0, b: 0 }))!.map(
      (value, i) => value + 0.12 * Math.sin(i / 2.1),
    )
    const apart = compareUnderLights(smooth, comb)
    expect(Math.abs(apart.a - apart.d50) + Math.abs(apart.d65 - apart.d50)).toBeGreaterThan(0.3)
    expect(isMetameric({ d50: 0.5, d65: 0.8, a: 4 })).toBe(true)
    expect(isMetameric({ d50: 0.5, d65: 0.8, a: 1.1 })).toBe(false)
  })
})

describe('the smoothest reflectance of a colour', () => {
  const printable = fc.record({
    // Lighter blues than this need more than a whole reflectance at the violet end.
    L: fc.double({ min: 20, max: 75, noNaN: true }),
    a: fc.double({ min: -25, max: 25, noNaN: true }),
    b: fc.double({ min: -25, max: 25, noNaN: true }),
  })
  it('has that colour, and stays within 0 and 1 (property)', () => {
    fc.assert(
      fc.property(printable, (lab) => {
        const spectrum = smoothSpectrum(convertLabToXyz(lab))
        expect(spectrum).not.toBeNull()
        expect(deltaE00(lab, describeSpectrum(spectrum!).lab)).toBeLessThan(1e-4)
        for (const value of spectrum!) {
          expect(value).toBeGreaterThan(0)
          expect(value).toBeLessThan(1)
        }
      }),
      { numRuns: 40 },
    )
  })
  it('of a grey is flat', () => {
    const spectrum = smoothSpectrum(convertLabToXyz({ L: 60, a: 0, b: 0 }))!
    expect(Math.max(...spectrum) - Math.min(...spectrum)).toBeLessThan(1e-6)
  })
  it('does not exist for a colour beyond all surfaces', () =>
    expect(smoothSpectrum(convertLabToXyz({ L: 50, a: 160, b: -160 }))).toBeNull())
  it('is under D50: its white is ours', () =>
    expect(convertXyzToLab(convertSpectrumToXyz(DIFFUSER)).L).toBeCloseTo(100, 9))
})
