import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { queuePeople } from '../day/pressQueue'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import {
  makerOf,
  makersByPull,
  planClass,
  rosterSchema,
  pressAsStarted,
  startOfKind,
  underPlate,
  withoutNames,
  withTurns,
  type Maker,
  type MakerStanding,
  type Roster,
} from './roster'
import { samplePull } from './samplePull.test.fixture'

const START = '2031-05-02T09:00:00.000Z'
const at = (minute: number) => new Date(Date.parse(START) + minute * 60_000).toISOString()
const maker = (id: number, more: Partial<Maker> = {}): Maker => ({
  id,
  name: `Child ${id}`,
  prepMinutes: 15,
  pressMinutes: 5,
  thicknessMm: 1,
  kind: null,
  standing: 'waiting',
  ...more,
})
const roster = (makers: Maker[], more: Partial<Roster> = {}): Roster =>
  rosterSchema.parse({
    makers,
    startAt: START,
    places: 3,
    presses: 1,
    order: 'as-they-came',
    homeOn: null,
    ...more,
  })
const none = new Map<number, string>()
const stand = (makers: Maker[], id: number, standing: MakerStanding) =>
  makers.map((one) => (one.id === id ? { ...one, standing } : one))

describe('a class', () => {
  it('takes no name twice and no more than two hundred', () => {
    expect(() => roster([maker(1), maker(2, { name: 'Child 1 ' })])).toThrow('is there twice')
    expect(() => roster(Array.from({ length: 201 }, (_, i) => maker(i + 1)))).toThrow(
      'takes at most 200 people',
    )
    expect(roster([maker(1, { name: '7' })]).makers[0].name).toBe('7')
  })
  it('before it begins is planned as the press queue plans it', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 15 })), {
          minLength: 1,
          maxLength: 12,
        }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 3 }),
        (people, places, presses) => {
          const makers = people.map(([prepMinutes, pressMinutes], i) =>
            maker(i + 1, { prepMinutes, pressMinutes }),
          )
          const plan = planClass(roster(makers, { places, presses }), none, at(-30))
          const queue = queuePeople({
            people: makers.map(({ name, prepMinutes, pressMinutes, thicknessMm }) => ({
              name,
              prepMinutes,
              pressMinutes,
              thicknessMm,
            })),
            places,
            presses,
            order: 'as-they-came',
          })
          const end = Math.max(...plan.map(({ pressTo }) => pressTo))
          expect(end).toBeCloseTo(queue.endMinutes, 9)
          for (const turn of queue.turns)
            expect(plan.find(({ name }) => name === turn.name)).toMatchObject({
              prepFrom: turn.prepFrom,
              pressFrom: turn.pressFrom,
            })
        },
      ),
    )
  })
  it('goes on from what happened: who printed stands at their moment, and nobody prints before now', () => {
    const makers = stand(
      [1, 2, 3, 4].map((id) => maker(id)),
      1,
      'printed',
    )
    const plan = planClass(roster(makers), new Map([[1, at(28)]]), at(31))
    expect(plan.map(({ name, pressFrom }) => [name, pressFrom])).toEqual([
      ['Child 2', 31],
      ['Child 3', 36],
      ['Child 4', 41],
    ])
  })
  it('puts a late one after the others and passes over who is not here or ended at the wiped plate', () => {
    let makers = [1, 2, 3, 4, 5].map((id) => maker(id))
    makers = stand(stand(stand(makers, 1, 'late'), 2, 'absent'), 4, 'wiped')
    const plan = planClass(roster(makers), none, at(10))
    expect(plan.map(({ name }) => name)).toEqual(['Child 3', 'Child 5', 'Child 1'])
    expect(plan[2].prepFrom).toBeGreaterThanOrEqual(10)
    expect(planClass(roster(stand(makers, 3, 'absent')), none, at(10)).map(({ name }) => name)).toEqual([
      'Child 5',
      'Child 1',
    ])
  })
  it('never has two at one press, nor more at once than there are places', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            prepMinutes: fc.integer({ min: 0, max: 30 }),
            pressMinutes: fc.integer({ min: 1, max: 12 }),
            standing: fc.constantFrom<MakerStanding>('waiting', 'late', 'absent'),
          }),
          { minLength: 1, maxLength: 20 },
        ),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 0, max: 90 }),
        (people, places, presses, now) => {
          const plan = planClass(
            roster(
              people.map((one, i) => maker(i + 1, one)),
              { places, presses, order: 'soonest' },
            ),
            none,
            at(now),
          )
          for (const turn of plan) {
            expect(turn.pressFrom).toBeGreaterThanOrEqual(Math.max(now, turn.prepTo))
            const during = (from: number, to: number, m: number) => from <= m && m < to
            const beside = plan.filter((one) => during(one.pressFrom, one.pressTo, turn.pressFrom))
            expect(beside.length).toBeLessThanOrEqual(presses)
            expect(new Set(beside.map(({ press }) => press)).size).toBe(beside.length)
            expect(
              plan.filter((one) => during(one.prepFrom, one.prepTo, turn.prepFrom)).length,
            ).toBeLessThanOrEqual(places)
          }
        },
      ),
    )
  })
  it('keeps the order it was planned in, also when somebody is not here, and calls up whose print was withdrawn', () => {
    // By hand, after Johnson (1954): whoever prepares in less than they print first, the others by their time at the press.
    const makers = [
      maker(1, { prepMinutes: 30, pressMinutes: 5 }),
      maker(2, { prepMinutes: 5, pressMinutes: 10 }),
      maker(3, { prepMinutes: 10, pressMinutes: 8 }),
    ]
    const planned = withTurns(roster(makers, { places: 1, order: 'soonest' }))
    expect(planned.turns).toEqual([2, 3, 1])
    const names = (of: Roster) => planClass(of, none, at(0)).map(({ maker: { id } }) => id)
    expect(names(planned)).toEqual([2, 3, 1])
    expect(names({ ...planned, makers: stand(makers, 2, 'absent') })).toEqual([3, 1])
    expect(names({ ...planned, makers: stand(makers, 3, 'printed') })).toEqual([2, 3, 1])
    expect(withTurns(roster([])).turns).toEqual([])
  })
  it('lays under each plate what brings it to the thickest, printed or not, of those who are here', () => {
    const makers = [
      maker(1, { thicknessMm: 2, standing: 'printed' }),
      maker(2, { thicknessMm: 0.75 }),
      maker(3, { thicknessMm: 4, standing: 'absent' }),
    ]
    expect(underPlate(roster(makers), 0.75)).toBe(1.25)
    expect(underPlate(roster(makers), 2)).toBe(0)
  })
  it('begins a kind of plate where the last of it printed, and only if it did', () => {
    const card = (number: number, reading: number, decision: 'accepted' | 'set-aside') =>
      samplePull(number, [{ kind: 'decision', decision, reason: '', fate: null }], {
        settings: {
          ...sampleSettings,
          plate: { ...sampleSettings.plate, kind: 'card-drypoint' },
          press: { ...sampleSettings.press, readingLeft: reading, readingRight: reading },
        },
      })
    const pulls = [card(1, 3, 'accepted'), card(2, 2.5, 'accepted'), card(3, 1, 'set-aside')]
    expect(startOfKind('card-drypoint', pulls)?.reading).toBe(2.5)
    expect(startOfKind('plastic-drypoint', pulls)).toBeNull()
    // The next plate of it begins there: one tap sets the press so.
    const start = startOfKind('card-drypoint', pulls)!
    const loose = { ...start.press, readingLeft: 1, readingRight: 1, makeReadyMm: 0.7 }
    expect(pressAsStarted(loose, start)).toEqual({ ...start.press, makeReadyMm: 0.7 })
    expect(pressAsStarted(start.press, start)).toBeNull()
    expect(pressAsStarted({ ...loose, pressId: 'another' }, start)).toBeNull()
  })
  it('keeps whose print is whose when the names go', () => {
    const kept = withoutNames(roster([maker(4, { name: 'Ada' }), maker(9, { name: 'Bo' })]))
    expect(kept.makers.map(({ id, name }) => [id, name])).toEqual([
      [4, '1'],
      [9, '2'],
    ])
    expect(rosterSchema.parse(kept).isAnonymous).toBe(true)
    expect(makerOf(samplePull(1, [{ kind: 'maker', maker: 9 }]))).toBe(9)
    expect(makerOf(samplePull(1))).toBeNull()
    const pulls = [samplePull(1, [{ kind: 'maker', maker: 9 }]), samplePull(2)]
    expect(makersByPull(kept, pulls)).toEqual({ p1: '2' })
    expect(makersByPull(null, pulls)).toEqual({})
  })
})
