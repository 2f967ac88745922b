import { describe, expect, it } from 'vitest'
import { sampleMix } from '../prove/sampleSettings.test.fixture'
import { FilmView } from './filmView'
import { firstMix, inkOf, modifierAmount, recipeOf } from './mix'
import { searchMixes } from './searchMixes'
import { inkTemperature } from './stiffness'
import { predictInk } from './predictInk'

describe('a mix of a run', () => {
  it('is its recipe with an id that ties it to the run', () => {
    expect(firstMix(inkOf(sampleMix))).toEqual({ id: 'mix-1', rag: 1, ...sampleMix })
    expect(recipeOf(firstMix(inkOf(sampleMix)))).toEqual(sampleMix)
    expect(firstMix(null)).toBeNull()
  })
  it('counts its modifiers, none where there is none', () => {
    expect(modifierAmount(sampleMix, 'thin-oil')).toBe(3)
    expect(modifierAmount({ modifiers: [] }, 'thin-oil')).toBe(0)
  })
})

describe('ink on a plate', () => {
  it('is between room and plate in warmth, and as warm as the room on a plate that is', () => {
    expect(inkTemperature(18, 18)).toBe(18)
    expect(inkTemperature(18, 38)).toBeGreaterThan(18)
    expect(inkTemperature(18, 38)).toBeLessThan(38)
  })
})

describe('a search for mixes', () => {
  const flat = (value: number) => new Array<number>(36).fill(value)
  const ramp = (from: number, to: number) =>
    Array.from({ length: 36 }, (_, i) => from + ((to - from) * i) / 35)
  const offer = [
    { k: flat(0.5), s: flat(0.01), least: 0 },
    { k: ramp(0.01, 0.3), s: flat(0.02), least: 0 },
    { k: ramp(0.3, 0.01), s: flat(0.02), least: 0 },
  ]
  const view = {
    filmMicrometres: 6,
    paper: flat(0.85),
    surface: { k1: 0.04, k2: 0.6 },
    geometry: '45:0' as const,
  }
  it('finds the mix a colour was made of, nearest first', () => {
    const { lab } = predictInk({
      inks: offer.map(({ k, s }, i) => ({ name: `Ink ${i}`, k, s })),
      parts: [0, 3, 1],
      ...view,
    })
    const { found } = searchMixes({ offer, target: lab, view: new FilmView(view), most: 2 })!
    expect(found[0].indices).toEqual([1, 2])
    expect(found[0].shares[0]).toBeCloseTo(0.75, 2)
    expect(found.map(({ deltaE00 }) => deltaE00)).toEqual(
      found.map(({ deltaE00 }) => deltaE00).toSorted((a, b) => a - b),
    )
  })
  it('gives up when it is told to', () => {
    const target = { L: 50, a: 0, b: 0 }
    expect(
      searchMixes({ offer, target, view: new FilmView(view), most: 3, onProgress: () => false }),
    ).toBeNull()
  })
})
