import { describe, expect, it } from 'vitest'
import { BLACK, BLUE, RED, WHITE, YELLOW } from '@/core/ink/shelf.test.fixture'
import { matchInk, type MatchedRecipe } from '@/core/ink/matchInk'
import type { MixCard } from '@/core/ink/mixCard'
import type { SpectralInk } from '@/core/ink/predictInk'
import { UNKNOWN_TUBE } from '@/core/ink/shelfInk'
import { sampleMix } from '@/core/prove/sampleSettings.test.fixture'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import type { StoreInk } from '@/data/shop/inks'
import { forecastMix } from './forecastMix'
import { inkConditions } from './inkConditions'
import { mixFilm, nearestCard } from './nearestCard'
import { mixOnPapers } from './mixOnPapers'
import { scaleRecipe } from './RecipeList'

const shelf = (ink: SpectralInk, more: Partial<StoreInk> = {}): StoreInk => ({
  ...ink,
  id: ink.name,
  kind: 'oil',
  viscosityPas: 50,
  source: 'drawdown',
  forecastable: true,
  note: '',
  ...UNKNOWN_TUBE,
  gramsNow: null,
  ...more,
})
const inks = [BLUE, RED, YELLOW, BLACK, WHITE].map((ink) => shelf(ink))
const part = (name: string, parts: number) => ({ inkId: name, name, parts })
const conditions = inkConditions(undefined, 'mid')
const colourOf = (names: [string, number][]) =>
  forecastMix(
    names.map(([name, parts]) => part(name, parts)),
    inks,
    RAG_WHITE,
  )!.films[1].forecast.lab

describe('the forecast of a mix', () => {
  it('has three films, the thickest darkest', () => {
    const { films, missing } = forecastMix([part('blue', 2), part('yellow', 1)], inks, RAG_WHITE)!
    expect(missing).toEqual([])
    expect(films.map(({ key }) => key)).toEqual(['deepLine', 'mid', 'plateTone'])
    const lightness = films.map(({ forecast }) => forecast.lab.L)
    expect(lightness).toEqual([...lightness].sort((a, b) => a - b))
  })
  it('is none without paper or parts, and names inks that are gone', () => {
    expect(forecastMix([part('blue', 1)], inks, null)).toBeNull()
    expect(forecastMix([part('blue', 0)], inks, RAG_WHITE)).toBeNull()
    expect(forecastMix([part('gold', 1)], inks, RAG_WHITE)).toMatchObject({ missing: ['gold'], films: [] })
  })
})

describe('the nearest card', () => {
  const card = (id: string, parts: ReturnType<typeof part>[]): MixCard => ({
    id,
    name: id,
    pulls: 0,
    batches: [],
    versions: [
      {
        version: 1,
        mix: { ...sampleMix, parts },
        why: '',
        by: 'Ida Quill',
        at: '2031-05-02T09:30:00.000Z',
      },
    ],
  })
  it('is the one whose newest version looks most alike', () => {
    const cards = [
      card('green', [part('blue', 1), part('yellow', 1)]),
      card('purple', [part('blue', 1), part('red', 1)]),
      card('lost', [part('gold', 1)]),
    ]
    const near = nearestCard(
      colourOf([
        ['blue', 5],
        ['yellow', 4],
      ]),
      cards,
      inks,
      conditions,
    )!
    expect(near.card.id).toBe('green')
    expect(near.deltaE00).toBeLessThan(5)
  })
  it('is none where no card can be forecast', () =>
    expect(
      nearestCard({ L: 50, a: 0, b: 0 }, [card('lost', [part('gold', 1)])], inks, conditions),
    ).toBeNull())
  it('is of a film that needs every ink on the shelf', () => {
    expect(mixFilm([part('gold', 1)], inks)).toBeNull()
    expect(mixFilm([], inks)).toBeNull()
    expect(mixFilm([part('blue', 1)], inks)!.k).toEqual(BLUE.k)
  })
})

describe('a recipe as it is weighed', () => {
  const target = {
    name: 'Target',
    lab: colourOf([
      ['blue', 2],
      ['yellow', 1],
    ]),
  }
  const [recipe] = matchInk({
    target: target.lab,
    inks: inks.map(({ id, k, s }) => ({ name: id, k, s })),
    maxInks: 2,
    ...conditions,
    paper: [...conditions.paper],
  })!.recipes
  const amount = { grams: 30, stepGrams: 0.1 }
  it('adds up to the batch and is scored again after rounding', () => {
    const fine = scaleRecipe(recipe, target, inks, amount, conditions)
    expect(fine.parts.reduce((sum, { grams }) => sum + grams, 0)).toBeCloseTo(30, 6)
    expect(fine.deltaE00).toBeLessThan(0.5)
    const coarse = scaleRecipe(recipe, target, inks, { grams: 12, stepGrams: 5 }, conditions)
    expect(coarse.deltaE00).toBeGreaterThan(fine.deltaE00)
  })
  it('costs what its inks cost, where every price is known', () => {
    expect(scaleRecipe(recipe, target, inks, amount, conditions).cost).toBeNull()
    const priced = inks.map((ink) => ({ ...ink, pricePerKg: 100 }))
    expect(scaleRecipe(recipe, target, priced, amount, conditions).cost).toBeCloseTo(3, 6)
  })
  it('says what speaks against it: too little in the tube, and parting in other light', () => {
    const short = inks.map((ink) => ({ ...ink, gramsNow: ink.id === 'blue' ? 4 : 500 }))
    expect(scaleRecipe(recipe, target, short, amount, conditions).flags).toEqual(['only 4 g of blue left'])
    const metameric: MatchedRecipe = { ...recipe, metamerism: { d50: 0.1, d65: 1, a: 4.2 } }
    expect(scaleRecipe(metameric, target, inks, amount, conditions).flags[0]).toContain(
      'parts in other light: ΔE 1 by day, 4.2 by lamp',
    )
  })
})

describe('a mix on each paper', () => {
  const cream = RAG_WHITE.map((value, i) => value * (0.6 + (0.35 * i) / RAG_WHITE.length))
  const papers = [
    { id: 'cream', name: 'Dunlin cream', reflectance: cream },
    { id: 'white', name: 'Heron white', reflectance: [...RAG_WHITE] },
    { id: 'same', name: 'Heron, another making', reflectance: [...RAG_WHITE] },
  ]
  it('is held against the one it is meant for, which comes first, the nearest after it', () => {
    const rows = mixOnPapers([part('blue', 1)], inks, papers, 'white')
    expect(rows.map(({ id }) => id)).toEqual(['white', 'same', 'cream'])
    expect(rows[0]).toMatchObject({ lighter: 0, deltaE00: 0 })
    expect(rows[2].lighter).toBeLessThan(0)
    for (const { colours } of rows) expect(new Set(colours).size).toBe(4)
  })
  it('shows nothing while there is nothing to show', () => {
    expect(mixOnPapers([], inks, papers, 'white')).toEqual([])
    expect(mixOnPapers([part('gone', 1)], inks, papers, 'white')).toEqual([])
    expect(mixOnPapers([part('blue', 1)], inks, papers, 'nowhere')).toEqual([])
  })
})
