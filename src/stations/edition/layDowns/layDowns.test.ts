import { describe, expect, it } from 'vitest'
import { samplePull } from '@/core/edition/samplePull.test.fixture'
import { OCHRE, WHITE } from '@/core/ink/shelf.test.fixture'
import { UNKNOWN_TUBE, type ShelfInk } from '@/core/ink/shelfInk'
import { layDownAnswer, layDownRefusal } from './answers'
import {
  FRESH,
  FRESH_ROW,
  inkChoices,
  inksOf,
  lookAt,
  looks,
  recipeFrom,
  withWhite,
  type LayDownBench,
} from './nextLayDown'
import { whiteOf } from '../../ink/whiteOf'
import { openPrint } from './openPrint'

const inks = [OCHRE, WHITE].map((ink): ShelfInk => ({
  ...UNKNOWN_TUBE,
  id: ink.name,
  name: ink.name,
  kind: 'oil',
  k: [...ink.k],
  s: [...ink.s],
  viscosityPas: 50,
  source: 'drawdown',
  forecastable: true,
  note: '',
}))
const [dark, white] = inks
const mixes = [{ id: 'mix-1', name: 'Grey', parts: [{ inkId: dark.id, name: dark.name, parts: 3 }] }]
const bench: LayDownBench = { mixes, inks, paper: undefined, onSlab: null, ghostShare: 0.3 }
const row = (more: Partial<typeof FRESH_ROW> = {}) => ({ ...FRESH_ROW, source: `ink ${dark.id}`, ...more })

describe('the next lay-down', () => {
  it('takes white from the covering white of the shelf', () => {
    expect(whiteOf(inks)).toBe(white)
    expect(whiteOf([dark])).toBeNull()
  })
  it('is laid of the mixes of the bench and of the inks of the shelf', () => {
    expect(inkChoices(mixes, inks)).toHaveLength(2 + inks.length)
    for (const [key] of inkChoices(mixes, inks).slice(1)) expect(recipeFrom(key, mixes, inks)).not.toBeNull()
    expect(recipeFrom('ink nowhere', mixes, inks)).toBeNull()
  })
  it('takes white as its share of the whole', () => {
    const whiter = withWhite({ name: 'Grey', parts: mixes[0].parts }, white, 0.25)
    expect(whiter.name).toBe('Grey with 25 % white')
    expect(whiter.parts.map(({ parts }) => parts)).toEqual([0.75, 0.25])
    expect(withWhite({ name: 'Grey', parts: mixes[0].parts }, null, 0.25).name).toBe('Grey')
  })
  it('waits until its inks and their places are said', () => {
    expect(inksOf(FRESH, bench)).toBeNull()
    expect(inksOf({ ...FRESH, rows: [row({ place: 'within', area: ' ' })] }, bench)).toBeNull()
    expect(inksOf({ ...FRESH, rows: [row({ place: 'within', area: ' Moon ' })] }, bench)![0].area).toBe(
      'Moon',
    )
    expect(inksOf({ ...FRESH, way: 'ghost' }, bench)).toBeNull()
    const onSlab = inksOf({ ...FRESH, rows: [row()] }, bench)!
    expect(inksOf({ ...FRESH, way: 'ghost' }, { ...bench, onSlab })![0].micrometres).toBeCloseTo(1.5, 9)
  })
  it('is forecast place by place over what lies there', () => {
    const first = { inks: inksOf({ ...FRESH, rows: [row()] }, bench)! }
    const moon = inksOf(
      { ...FRESH, rows: [row({ source: `ink ${white.id}`, place: 'within', area: 'Moon' })] },
      bench,
    )!
    const seen = looks([first], moon, bench)
    expect(seen.map(({ at }) => at)).toEqual([null, 'Moon'])
    expect(seen[0].after).toBe(seen[0].before)
    expect(seen[1].after).not.toBe(seen[1].before)
    expect(
      lookAt([{ inks: [{ ...moon[0], parts: [{ inkId: 'gone', name: 'Gone', parts: 1 }] }] }], 'Moon', bench),
    ).toBeNull()
  })
  it('goes onto the print that is being worked on, or begins a new one', () => {
    const decision = { kind: 'decision' as const, decision: 'accepted' as const, reason: '', fate: null }
    expect(openPrint([])).toBe('')
    expect(openPrint([samplePull(1, [decision]), samplePull(2)])).toBe('p2')
    expect(openPrint([samplePull(1, [decision])])).toBe('')
  })
})

describe('what it says first', () => {
  const base = { number: 2, print: 1, onto: null, next: { way: 'slab' as const }, laid: null }
  const ghost = { share: 0.3, from: 0 }
  it('refuses an edition, and asks for what is not set', () => {
    expect(layDownRefusal(true, [], '/jobs/x')!.asks!.page).toBe('/jobs/x/runs')
    expect(layDownRefusal(false, ['ink'], '/jobs/x')!.asks!.page).toBe('/jobs/x/ink')
    expect(layDownRefusal(false, [], '/jobs/x')).toBeNull()
  })
  it('says what goes onto what', () => {
    expect(layDownAnswer({ ...base, ghost }).says).toBe('Lay-down 2 of print 1')
    expect(
      layDownAnswer({
        ...base,
        ghost,
        number: 1,
        print: null,
        onto: { name: '3/20 of Salt pans' },
        laid: [{ name: 'Ochre' }],
      }).says,
    ).toBe('Lay-down 1 onto 3/20 of Salt pans: Ochre')
    expect(layDownAnswer({ ...base, ghost, next: { way: 'ghost' } })).toMatchObject({
      says: 'Lay-down 2 of print 1: a ghost, about 30 % of the first',
      because: expect.stringContaining('From memory') as string,
    })
    expect(layDownAnswer({ ...base, ghost: { share: 0.4, from: 3 }, next: { way: 'ghost' } }).because).toBe(
      'From 3 ghosts judged here.',
    )
  })
})
