import { describe, expect, it } from 'vitest'
import { PLATE_KINDS } from '@/core/plate/plate'
import { FACED_STANDS } from '@/core/plate/plateLife'
import { lifeRows, NO_SPOT, openComparison, placeOf, spotsOn, stateOptions } from './plateStates'

const states = [
  { state: 1, note: '' },
  { state: 2, note: 'sky bitten again, a longer note than a list has room for' },
  { state: 3, note: 'moon scraped' },
]

describe('the states of a plate', () => {
  it('are compared newest beside the one before, or alone', () => {
    expect(openComparison(states)).toMatchObject({ first: 2, second: 3 })
    expect(openComparison(states.slice(0, 1))).toMatchObject({ first: 1, second: 1 })
    expect(openComparison([])).toMatchObject({ first: null, second: null })
  })
  it('go by their numeral and the beginning of what was done', () => {
    expect(stateOptions(states)).toEqual([
      ['1', 'State I'],
      ['2', 'State II: sky bitten again, a longer note than a l'],
      ['3', 'State III: moon scraped'],
    ])
  })
  it('show the flaws they had: seen by then, and, when gone, on all but the newest', () => {
    const scratch = { state: 2, at: [1, 2], note: 'scratch', by: 'Ama', goneAt: null } as never
    const burr = {
      state: 1,
      at: [3, 4],
      note: 'burr',
      by: 'Ama',
      goneAt: '2031-05-02T09:00:00.000Z',
    } as never
    const of = (state: number) => spotsOn([scratch, burr], state, 3)
    expect(of(1)).toEqual([burr])
    expect(of(2)).toEqual([scratch, burr])
    expect(of(3)).toEqual([scratch])
  })
})

describe('the reckoning of a plate’s life', () => {
  it('adds a facing and its own readings where there are any', () => {
    const bare = lifeRows({ kind: 'copper-etched' }, { spent: 42 }, {})
    expect(bare.map(({ value }) => value)).toEqual(['42', PLATE_KINDS['copper-etched'].stands.join(' to ')])
    const reading = { pull: 20, value: 1.4, hand: 'Ida', rejected: false }
    const line = {
      floor: 1.3,
      readings: [reading, { ...reading, hand: 'Tam' }, { ...reading, rejected: true }],
    }
    const rows = lifeRows({ kind: 'copper-etched', standsAbout: 90 }, { spent: 42 }, { facedAfter: 10, line })
    expect(rows[2].value).toBe('about 90')
    expect(rows[3].value).toContain(FACED_STANDS.join(' to '))
    expect(rows[4]).toEqual({
      label: 'Line readings by 2 hands, rejected prints left out',
      value: '2, still good above 1.3 D',
    })
  })
})

describe('a flaw that is entered', () => {
  it('has a place once both sides are said, and is told which is missing', () => {
    expect(placeOf({ x: 0, y: 12, note: '' })).toEqual({ at: [0, 12] })
    const fields = (spot: Parameters<typeof placeOf>[0]) => {
      const place = placeOf(spot)
      return 'problems' in place ? place.problems.map(({ field }) => field) : null
    }
    expect(fields(NO_SPOT)).toEqual(['x', 'y'])
    expect(fields({ x: 3, y: null, note: '' })).toEqual(['y'])
  })
})
