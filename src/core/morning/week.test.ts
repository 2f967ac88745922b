import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { DryingLoad, DryingPlace } from '../dry/dryingPlaces'
import { clashOf, DAYS_AHEAD, dryingToCome, layWeek, type Booking } from './week'

const NOW = '2031-05-02T09:00:00.000Z'
const pile: DryingPlace = { id: 'pile', name: 'Pile', kind: 'blotters', capacity: 20 }
const load: DryingLoad = {
  id: 1,
  placeId: 'pile',
  jobId: 'a',
  title: 'Mooring posts',
  sheets: 4,
  laidAt: '2031-05-01T09:00:00.000Z',
  readyAt: '2031-05-05T09:00:00.000Z',
  changedAts: ['2031-05-01T10:00:00.000Z'],
}
const booking = (id: string, from: string, to: string, more: Partial<Booking> = {}): Booking => ({
  id,
  title: id,
  page: `/jobs/${id}`,
  pressId: 'little',
  pressName: 'the little press',
  startAt: `2031-05-${from}:00.000Z`,
  endAt: `2031-05-${to}:00.000Z`,
  words: '12 pulls',
  ...more,
})
const lay = (bookings: Booking[], loads: DryingLoad[] = []) =>
  layWeek({ now: NOW, zone: 'Etc/UTC', bookings, places: [pile], loads })

describe('what drying prints ask for', () => {
  it('worked by hand: changed once, then daily at ten until the fourth day, when they are dry', () => {
    expect(dryingToCome([pile], [load], '2031-05-09T09:00:00.000Z').map(({ at }) => at)).toEqual([
      '2031-05-02T10:00:00.000Z',
      '2031-05-03T10:00:00.000Z',
      '2031-05-04T10:00:00.000Z',
      '2031-05-05T09:00:00.000Z',
    ])
  })
  it('asks for nothing beyond the week, and nothing where the place is gone', () => {
    expect(dryingToCome([pile], [load], '2031-05-02T12:00:00.000Z')).toHaveLength(1)
    expect(dryingToCome([], [load], '2031-05-09T09:00:00.000Z')).toEqual([])
  })
})

describe('the week', () => {
  it('has seven days from today, each with what it holds in the order of the clock', () => {
    const week = lay([booking('b', '03T13:00', '03T17:00'), booking('a', '03T08:00', '03T12:00')], [load])
    expect(week.map(({ weekday }) => weekday)).toEqual(['Fri', 'Sat', 'Sun', 'Mon', 'Tue', 'Wed', 'Thu'])
    expect(week[1].entries.map(({ title, at }) => [title, at.slice(11, 16)])).toEqual([
      ['a', '08:00'],
      ['Mooring posts', '10:00'],
      ['b', '13:00'],
    ])
    expect(week.map(({ entries }) => entries.length)).toEqual([1, 3, 1, 1, 0, 0, 0])
  })
  it('puts what is overdue on today, and leaves out what is over', () => {
    const late = { ...load, readyAt: '2031-04-28T09:00:00.000Z' }
    expect(lay([booking('gone', '01T08:00', '01T12:00')], [late])[0].entries).toMatchObject([
      { isDue: true, words: 'Pile: 4 prints dry, take out and sort' },
    ])
  })
  it('says which bookings want the same press at the same time, each of the other', () => {
    const [, day] = lay([booking('a', '03T08:00', '03T12:00'), booking('b', '03T11:00', '03T17:00')])
    expect(day.entries.map(({ clash }) => clash)).toEqual([
      'b wants the little press from 11:00 to 17:00',
      'a wants the little press from 08:00 to 12:00',
    ])
  })
  it('says nothing of a clash on two presses, or where one ends as the other begins', () => {
    const a = booking('a', '03T08:00', '03T12:00')
    expect(clashOf(a, [booking('b', '03T11:00', '03T17:00', { pressId: 'large' })])).toBeNull()
    expect(clashOf(a, [booking('b', '03T12:00', '03T17:00')])).toBeNull()
    expect(
      clashOf({ ...a, pressId: null }, [booking('b', '03T11:00', '03T17:00', { pressId: null })]),
    ).toBeNull()
  })
  it('a clash is mutual (property)', () => {
    const span = fc
      .tuple(fc.integer({ min: 0, max: 100 }), fc.integer({ min: 1, max: 30 }))
      .map(([from, hours]) => ({
        startAt: new Date(Date.parse(NOW) + from * 3_600_000).toISOString(),
        endAt: new Date(Date.parse(NOW) + (from + hours) * 3_600_000).toISOString(),
      }))
    fc.assert(
      fc.property(span, span, (one, two) => {
        const [a, b] = [booking('a', '03T08:00', '03T12:00', one), booking('b', '03T08:00', '03T12:00', two)]
        const isShared =
          Date.parse(one.startAt) < Date.parse(two.endAt) && Date.parse(two.startAt) < Date.parse(one.endAt)
        expect(clashOf(a, [a, b]) !== null).toBe(isShared)
        expect(clashOf(b, [a, b]) !== null).toBe(isShared)
      }),
    )
  })
  it('never lays more than the week', () => {
    expect(lay([booking('far', '20T08:00', '20T12:00')])).toHaveLength(DAYS_AHEAD)
    expect(lay([booking('far', '20T08:00', '20T12:00')]).flatMap(({ entries }) => entries)).toEqual([])
  })
})
