import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { FilmView } from './filmView'
import { predictInk } from './predictInk'
import { BLUE, CONDITIONS, SHELF } from './shelf.test.fixture'

describe('a forecast made ready for many mixes', () => {
  it('is the forecast itself, for every ink and geometry (property)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SHELF),
        fc.double({ min: 0, max: 30, noNaN: true }),
        fc.constantFrom('di:8' as const, '45:0' as const),
        (ink, filmMicrometres, geometry) => {
          const conditions = { ...CONDITIONS, filmMicrometres, geometry }
          const whole = predictInk({ inks: [ink], parts: [1], ...conditions })
          const view = new FilmView(conditions)
          view
            .reflect(ink.k, ink.s)
            .forEach((value, i) => expect(value).toBeCloseTo(whole.reflectance[i], 12))
          expect(view.colour(ink.k, ink.s).L).toBeCloseTo(whole.lab.L, 9)
        },
      ),
    )
  })
  it('gives the same again after another mix was looked at', () => {
    const view = new FilmView(CONDITIONS)
    const before = view.colour(BLUE.k, BLUE.s)
    for (const ink of SHELF) view.colour(ink.k, ink.s)
    expect(view.colour(BLUE.k, BLUE.s)).toEqual(before)
  })
})
