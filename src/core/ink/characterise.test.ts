import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { describeSpectrum } from '../colour/describeSpectrum'
import { deltaE00 } from '../colour/deltaE00'
import { absorptionFromFilm } from './absorptionFromFilm'
import { characteriseInk, characteriseInput } from './characteriseInk'
import { characteriseTint, characteriseTintInput } from './characteriseTint'
import { estimateInk, estimateInkInput } from './estimateInk'
import { reflectFilm, reflectMasstone } from './kubelkaMunk'
import { predictInk, type SpectralInk } from './predictInk'
import { BLACK, BLUE, CONDITIONS, OCHRE, RED, SHELF, WHITE, YELLOW } from './shelf.test.fixture'
import { leaveSurface } from './surface'

const white = new Array<number>(36).fill(0.86)
const black = new Array<number>(36).fill(0.05)
const { surface, geometry } = CONDITIONS

/** A drawdown as an instrument would read it. */
const drawdown = (ink: SpectralInk, filmMicrometres: number) => {
  const over = (paper: number[]) =>
    predictInk({ inks: [ink], parts: [1], filmMicrometres, paper, surface, geometry }).reflectance
  return { overWhite: over(white), overBlack: over(black), white, black, filmMicrometres, surface, geometry }
}

describe('a drawdown over white and black', () => {
  it('agrees with a case worked by hand: K 0.1, S 0.2, X 10', () => {
    // a = 1.5, b = 1.1180340, coth 2.2360680 = 1.0231084: R over 0.8 is 0.3877, over 0 is 1/(1.5 + 1.1438699) = 0.3782
    const flat = (value: number) => new Array<number>(36).fill(value)
    const found = characteriseInk({
      overWhite: flat(reflectFilm(0.1, 0.2, 10, 0.8)),
      overBlack: flat(1 / (1.5 + 1.118033989 * 1.023108389)),
      white: flat(0.8),
      black: flat(0),
      filmMicrometres: 10,
      surface: null,
    })
    expect(found.k[0]).toBeCloseTo(0.1, 4)
    expect(found.s[0]).toBeCloseTo(0.2, 4)
  })
  it.each(SHELF.map((ink) => [ink.name, ink] as const))(
    'of %s gives its k and s back, and the same colours',
    (_, ink) => {
      const found = characteriseInk(drawdown(ink, 12))
      for (let i = 0; i < 36; i++) {
        expect(found.k[i]).toBeCloseTo(ink.k[i], 5)
        expect(found.s[i]).toBeCloseTo(ink.s[i], 5)
      }
      for (const filmMicrometres of [0.8, 7, 24]) {
        const colour = (one: SpectralInk) =>
          predictInk({ ...CONDITIONS, inks: [one], parts: [1], filmMicrometres }).lab
        expect(deltaE00(colour(ink), colour({ name: 'found', ...found }))).toBeLessThan(0.1)
      }
    },
  )
  it('comes back for any ink that lets the ground through (property)', () => {
    const coefficient = fc.double({ min: 0.001, max: 0.1, noNaN: true })
    fc.assert(
      fc.property(coefficient, coefficient, fc.double({ min: 2, max: 15, noNaN: true }), (k, s, x) => {
        const ink = { name: 'any', k: new Array<number>(36).fill(k), s: new Array<number>(36).fill(s) }
        const found = characteriseInk(drawdown(ink, x))
        expect(Math.abs(found.k[0] - k) / k).toBeLessThan(1e-3)
        expect(Math.abs(found.s[0] - s) / s).toBeLessThan(1e-3)
      }),
    )
  })
  it('of an ink without scattering is Bouguer–Beer', () => {
    const clear = { name: 'clear', k: new Array<number>(36).fill(0.05), s: new Array<number>(36).fill(0) }
    const found = characteriseInk(drawdown(clear, 10))
    expect(found.k[0]).toBeCloseTo(0.05, 6)
    expect(found.s[0]).toBeCloseTo(0, 6)
  })
  it('keeps the colour within one ΔE00 when readings are noisy', () => {
    const clean = drawdown(RED, 8)
    const shaken = {
      ...clean,
      overWhite: clean.overWhite.map((value, i) => value + 0.0015 * Math.sin(i * 7)),
      overBlack: clean.overBlack.map((value, i) => Math.max(0, value + 0.0015 * Math.cos(i * 5))),
    }
    const found = { name: 'found', ...characteriseInk(shaken) }
    const colour = (one: SpectralInk) => predictInk({ ...CONDITIONS, inks: [one], parts: [1] }).lab
    expect(deltaE00(colour(RED), colour(found))).toBeLessThan(1)
  })

  const refusal = (change: object) => {
    const { path, message } = characteriseInput.safeParse({ ...drawdown(BLUE, 8), ...change }).error!
      .issues[0]
    return `${path.join('.')}: ${message}`
  }
  it('too opaque is refused, and a thinner film asked for', () => {
    const thick = drawdown(BLACK, 400)
    expect(refusal({ overWhite: thick.overWhite, overBlack: thick.overBlack })).toMatch(
      /^overBlack: .*thinner film/,
    )
  })
  it('where the instrument reads both grounds alike takes s from the neighbours', () => {
    // Readings rounded to the instrument's 0.1 %: at the dark wavelengths nothing is left of the ground.
    const dark = { ...RED, k: RED.k.map((k, i) => (i < 12 ? 40 * k + 2 : k)) }
    const read = drawdown(dark, 8)
    const rounded = (values: readonly number[]) => values.map((value) => Math.round(value * 1000) / 1000)
    const found = characteriseInk({
      ...read,
      overWhite: rounded(read.overWhite),
      overBlack: rounded(read.overBlack),
    })
    const nearest = read.overWhite.findIndex((value, i) => value - read.overBlack[i] >= 0.001)
    expect(nearest).toBeGreaterThan(0)
    for (let i = 0; i < nearest; i++) {
      expect(found.s[i]).toBe(found.s[nearest])
      expect(Number.isFinite(found.k[i])).toBe(true)
    }
  })
  it('with black brighter than white is refused', () =>
    expect(refusal({ overBlack: new Array<number>(36).fill(0.9) })).toMatch(/^overBlack\.0: reads brighter/))
  it('with the grounds swapped is refused', () =>
    expect(refusal({ white: black, black: white })).toMatch(/^black\.0: must be darker/))
  it('in percent is noticed', () =>
    expect(refusal({ white: new Array<number>(36).fill(86) })).toContain('percent'))
  it('of no thickness is refused', () => expect(refusal({ filmMicrometres: 0 })).toContain('filmMicrometres'))
})

describe('masstone and tint', () => {
  const masstone = (ink: { k: readonly number[]; s: readonly number[] }) =>
    ink.k.map((k, i) => leaveSurface(reflectMasstone(k, ink.s[i]), surface, geometry))
  const tintOf = (ink: SpectralInk, share: number) =>
    masstone({
      k: ink.k.map((k, i) => share * k + (1 - share) * WHITE.k[i]),
      s: ink.s.map((s, i) => share * s + (1 - share) * WHITE.s[i]),
    })
  it.each([OCHRE, YELLOW].map((ink) => [ink.name, ink] as const))('of %s give its k and s back', (_, ink) => {
    const found = characteriseTint({
      masstone: masstone(ink),
      tint: tintOf(ink, 0.2),
      share: 0.2,
      whiteInk: { k: WHITE.k, s: WHITE.s },
      surface,
      geometry,
    })
    for (let i = 0; i < 36; i++) {
      expect(found.k[i]).toBeCloseTo(ink.k[i], 3)
      expect(found.s[i]).toBeCloseTo(ink.s[i], 3)
    }
  })
  it('swapped are refused', () => {
    const swapped = {
      masstone: tintOf(BLACK, 0.1),
      tint: masstone(BLACK),
      share: 0.1,
      whiteInk: { k: WHITE.k, s: WHITE.s },
      surface,
      geometry,
    }
    expect(characteriseTintInput.safeParse(swapped).error!.issues[0].message).toContain('swapped')
  })
})

describe('estimate from a photo', () => {
  const pick = {
    lab: { L: 52, a: 30, b: 18 },
    filmMicrometres: 7,
    paper: CONDITIONS.paper,
    covering: 'transparent' as const,
    surface,
    geometry,
  }
  it('is what a film of the estimated ink looks like', () => {
    const found = { name: 'picked', ...estimateInk(pick) }
    expect(deltaE00(pick.lab, predictInk({ ...CONDITIONS, inks: [found], parts: [1] }).lab)).toBeLessThan(0.6)
  })
  it('that no ink can have is refused', () =>
    expect(
      estimateInkInput.safeParse({ ...pick, lab: { L: 50, a: 170, b: 0 } }).error!.issues[0].path,
    ).toEqual(['lab']))
})

describe('the absorption of a film', () => {
  it('is found again (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 1, noNaN: true }),
        fc.double({ min: 0.001, max: 0.3, noNaN: true }),
        (k, s) => {
          const reflectance = reflectFilm(k, s, 5, 0.8)
          expect(reflectFilm(absorptionFromFilm(reflectance, s, 5, 0.8), s, 5, 0.8)).toBeCloseTo(
            reflectance,
            8,
          )
        },
      ),
    )
  })
  it('is none where the film cannot be bright enough', () =>
    expect(absorptionFromFilm(0.99, 0.01, 5, 0.5)).toBe(0))
  it('describes a film darker than its paper as a colour', () =>
    expect(
      describeSpectrum(new Array<number>(36).fill(absorptionFromFilm(0.3, 0.01, 5, 0.8))).lab.L,
    ).toBeGreaterThan(0))
})
