import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { RAG_WHITE } from '../paper/ragWhite'
import { gridOverprint } from './filmOverFilm'
import { describeSpectrum } from '../colour/describeSpectrum'
import { FILM_THICKNESSES } from './filmThickness'
import { GHOST_STEPS, learnGhost, USUAL_GHOST } from './ghost'
import { layFilms } from './layFilms'
import { USUAL_SURFACE } from './surface'

const conditions = { paper: RAG_WHITE, surface: USUAL_SURFACE, geometry: '45:0' as const }
const flat = (k: number, s: number) => ({
  k: new Array<number>(36).fill(k),
  s: new Array<number>(36).fill(s),
})
const near = (a: readonly number[], b: readonly number[]) =>
  a.forEach((value, i) => expect(value).toBeCloseTo(b[i], 9))

describe('films laid one over the other', () => {
  it('none, or one of no thickness, leave the paper', () => {
    near(layFilms([], conditions), RAG_WHITE)
    near(layFilms([{ ...flat(0.1, 0.02), micrometres: 0 }], conditions), RAG_WHITE)
  })
  it('of one ink add up, whatever they are split into: Kubelka and Munk’s films are additive (property)', () => {
    const thickness = fc.double({ min: 0.1, max: 8, noNaN: true })
    const coefficient = fc.double({ min: 0.001, max: 0.4, noNaN: true })
    fc.assert(
      fc.property(thickness, thickness, coefficient, coefficient, (first, second, k, s) => {
        const film = (micrometres: number) => ({ ...flat(k, s), micrometres })
        near(layFilms([film(first), film(second)], conditions), layFilms([film(first + second)], conditions))
      }),
    )
  })
  it('two of them are the overprint of the grid', () => {
    const [lower, upper] = [flat(0.05, 0.01), flat(0.01, 0.08)]
    const [{ appearance }] = gridOverprint(upper, lower, conditions)
    const { micrometres } = FILM_THICKNESSES[0]
    const laid = layFilms(
      [
        { ...lower, micrometres },
        { ...upper, micrometres },
      ],
      conditions,
    )
    expect(describeSpectrum(laid).srgb).toBe(appearance.srgb)
  })
})

describe('what a ghost keeps', () => {
  it('is told from memory until one was judged, and ever more from those judged', () => {
    expect(learnGhost([])).toEqual({ share: USUAL_GHOST, from: 0 })
    // (2 · 0.3 + 0.5) / 3, by hand.
    expect(learnGhost([0.5]).share).toBeCloseTo(1.1 / 3, 12)
    expect(learnGhost(new Array<number>(200).fill(0.5)).share).toBeCloseTo(0.5, 2)
  })
  it('lies between what was judged and the memory (property)', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...GHOST_STEPS), { minLength: 1, maxLength: 20 }), (shares) => {
        const { share } = learnGhost(shares)
        expect(share).toBeGreaterThanOrEqual(Math.min(USUAL_GHOST, ...shares) - 1e-12)
        expect(share).toBeLessThanOrEqual(Math.max(USUAL_GHOST, ...shares) + 1e-12)
      }),
    )
  })
})
