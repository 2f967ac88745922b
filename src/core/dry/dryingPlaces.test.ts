import { describe, expect, it } from 'vitest'
import {
  dryingActs,
  newDryingPlaceSchema,
  nextChangeAt,
  placesFree,
  placeWords,
  type DryingLoad,
  type DryingPlace,
} from './dryingPlaces'

const blotters: DryingPlace = { id: 'press', name: 'Blotter press', kind: 'blotters', capacity: 16 }
const rack: DryingPlace = { id: 'rack', name: 'Long rack', kind: 'rack', capacity: 24 }
const load: DryingLoad = {
  id: 1,
  placeId: 'press',
  jobId: 'j',
  title: 'Sail',
  sheets: 6,
  laidAt: '2031-05-01T10:00:00.000Z',
  readyAt: '2031-05-05T10:00:00.000Z',
  changedAts: [],
}

describe('where prints dry', () => {
  it('counts what is free', () => {
    expect(placesFree(blotters, [load, { ...load, sheets: 4 }, { ...load, placeId: 'rack' }])).toBe(6)
    expect(placeWords(rack)).toBe('on the rack, then under weight, 24 prints')
  })
  it('blotters are changed after the first hour, then daily, and not once the prints are dry', () => {
    expect(nextChangeAt('blotters', load)).toBe('2031-05-01T11:00:00.000Z')
    expect(nextChangeAt('blotters', { ...load, changedAts: ['2031-05-01T11:10:00.000Z'] })).toBe(
      '2031-05-02T11:10:00.000Z',
    )
    expect(nextChangeAt('blotters', { ...load, changedAts: ['2031-05-04T11:10:00.000Z'] })).toBeNull()
  })
  it('what lies on a rack or between boards is left alone', () =>
    expect([nextChangeAt('rack', load), nextChangeAt('boards', load)]).toEqual([null, null]))
  it('says what is due, the earliest first', () => {
    const acts = dryingActs(
      [blotters, rack],
      [{ ...load, id: 2, placeId: 'rack', readyAt: '2031-05-03T09:00:00.000Z' }, load],
      '2031-05-01T11:30:00.000Z',
    )
    expect(acts.map(({ kind, isDue, words }) => [kind, isDue, words])).toEqual([
      ['change', true, 'Blotter press: change what lies between the 6 of Sail'],
      ['take-out', false, 'Long rack: the 6 of Sail are dry, take them out'],
      ['take-out', false, 'Blotter press: the 6 of Sail are dry, take them out'],
    ])
  })
  it('a place for nothing is named', () =>
    expect(
      newDryingPlaceSchema.safeParse({ name: 'Rack', kind: 'rack', capacity: 0 }).error!.issues[0].path,
    ).toEqual(['capacity']))
})
