import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { carrierTurn, MAKING_METHODS, printTurn, type MakingMethod } from './makingMethod'
import { bittenShare, isTurnedInTone, rollerFor, rollerRun } from './surfaceRolling'
import { printedFrom, surfaceWords } from './surfaceSetting'

const alone = { surface: { isAlone: true, rollerMm: 60 } }
const both = { surface: { isAlone: false, rollerMm: 60 } }

describe('a plate that is rolled on its surface', () => {
  it('turns its tones only where the surface prints alone', () => {
    expect([printedFrom({}), printedFrom(both), printedFrom(alone)]).toEqual(['lines', 'both', 'surface'])
    expect(surfaceWords(both.surface)).toBe('lines and surface, roller 60 mm')
    expect([isTurnedInTone({}), isTurnedInTone(both), isTurnedInTone(alone)]).toEqual([false, false, true])
  })
  it.each(Object.keys(MAKING_METHODS) as MakingMethod[])(
    '%s: its print reads as the picture, with the carrier the other way in tone than for an intaglio',
    (method) => {
      const carrier = carrierTurn(method, alone)
      expect(printTurn(method, carrier, alone)).toEqual({ mirrored: false, inverted: false })
      expect(carrier.inverted).toBe(!carrierTurn(method).inverted)
      expect(carrierTurn(method, both)).toEqual(carrierTurn(method))
    },
  )
  it('toner, which keeps the bath away, is a positive then (common practice, no source)', () =>
    expect(carrierTurn('toner-solvent', alone)).toEqual({ mirrored: false, inverted: false }))
})

describe('the roller', () => {
  it('of 60 mm covers 188.5 mm: a plate of 200 mm shows one line there', () => {
    const run = rollerRun(200, 60)
    expect(run.aroundMm).toBeCloseTo(188.496, 3)
    expect(run.repeatsAtMm).toHaveLength(1)
    expect(run.charges).toBe(2)
    expect(rollerRun(180, 60)).toMatchObject({ repeatsAtMm: [], charges: 1 })
  })
  it('that is large enough shows no line, and a little smaller one does (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 20, max: 1500, noNaN: true }), (lengthMm) => {
        expect(rollerRun(lengthMm, rollerFor(lengthMm)).repeatsAtMm).toEqual([])
        expect(rollerRun(lengthMm, 0.98 * rollerFor(lengthMm)).repeatsAtMm).toHaveLength(1)
      }),
    )
  })
})

describe('what is bitten', () => {
  it('is what prints dark in an intaglio, and what prints light on the surface alone', () => {
    const greys = [0, 0, 0, 255]
    expect(bittenShare(greys, {})).toBe(0.75)
    expect(bittenShare(greys, both)).toBe(0.75)
    expect(bittenShare(greys, alone)).toBe(0.25)
    expect(bittenShare([], {})).toBe(1)
  })
})
