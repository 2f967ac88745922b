import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { orderFlow } from './flowOrder'
import { people } from './people.test.fixture'
import { boardAt, MOST_PUT_BACK, queueBound, queueInput, queuePeople, type QueuedPerson } from './pressQueue'

function permutations<T>(list: readonly T[]): T[][] {
  if (list.length === 0) return [[]]
  return list.flatMap((one, i) =>
    permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest]),
  )
}
describe('several people', () => {
  it('one place, one press: as soon as Johnson (1954), which brute force to 6 people confirms', () => {
    fc.assert(
      fc.property(people(6), (list) => {
        const { endMinutes, isExact } = queuePeople({ people: list, places: 1, presses: 1, order: 'soonest' })
        expect(isExact).toBe(true)
        expect(endMinutes).toBeCloseTo(
          orderFlow({
            tasks: list.map(({ name, prepMinutes, pressMinutes }) => ({ name, prepMinutes, pressMinutes })),
          }).makespanMinutes,
          9,
        )
        const best = Math.min(
          ...permutations(list).map(
            (order) =>
              queuePeople({ people: order, places: 1, presses: 1, order: 'as-they-came' }).endMinutes,
          ),
        )
        expect(endMinutes).toBeCloseTo(best, 9)
      }),
      { numRuns: 12 },
    )
  })
  it('several places and presses: never under the bound, never worse than as they came by more than nothing, within a quarter of brute force (property)', () => {
    fc.assert(
      fc.property(
        people(6),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 1, max: 2 }),
        (list, places, presses) => {
          const found = queuePeople({ people: list, places, presses, order: 'soonest' })
          expect(found.endMinutes).toBeGreaterThanOrEqual(queueBound(list, places, presses) - 1e-9)
          const best = Math.min(
            ...permutations(list).map(
              (order) => queuePeople({ people: order, places, presses, order: 'as-they-came' }).endMinutes,
            ),
          )
          expect(found.endMinutes).toBeLessThanOrEqual(1.25 * best + 1e-9)
        },
      ),
      { numRuns: 12 },
    )
  })
  it('is bettered where Johnson’s order is not the soonest, and then no single person can be moved so that it ends sooner (property)', () => {
    const ends = (order: QueuedPerson[], places: number, presses: number) =>
      queuePeople({ people: order, places, presses, order: 'as-they-came' }).endMinutes
    const moves = (order: QueuedPerson[]) =>
      order.flatMap((one, i) => {
        const without = order.filter((_, n) => n !== i)
        return order.map((_, to) => [...without.slice(0, to), one, ...without.slice(to)])
      })
    let bettered = 0
    fc.assert(
      fc.property(
        people(7),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 1, max: 3 }),
        (list, places, presses) => {
          const byName = (names: { name: string }[]) =>
            names.map(({ name }) => list.find((one) => one.name === name)!)
          const soonest = queuePeople({ people: list, places, presses, order: 'soonest' })
          for (const moved of moves(byName(soonest.turns)))
            expect(ends(moved, places, presses)).toBeGreaterThanOrEqual(soonest.endMinutes - 1e-9)
          const fair = queuePeople({ people: list, places, presses, order: 'fair' })
          for (const moved of moves(byName(fair.turns)))
            if (moved.every(({ name }, i) => i - list.findIndex((one) => one.name === name) <= MOST_PUT_BACK))
              expect(ends(moved, places, presses)).toBeGreaterThanOrEqual(fair.endMinutes - 1e-9)
          if (fair.endMinutes < ends(list, places, presses) - 1e-9) bettered += 1
        },
      ),
      { numRuns: 40 },
    )
    // Most lists as they came can be bettered: an order that is only never worse would not do.
    expect(bettered).toBeGreaterThan(10)
  })
  it('nobody is in two places, and no place or press holds two (property)', () => {
    fc.assert(
      fc.property(
        people(30),
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 1, max: 3 }),
        (list, places, presses) => {
          const { turns } = queuePeople({ people: list, places, presses, order: 'soonest' })
          expect(turns.map(({ name }) => name).sort()).toEqual(list.map(({ name }) => name).sort())
          for (const a of turns)
            for (const b of turns) {
              if (a === b) continue
              if (a.press === b.press)
                expect(a.pressTo <= b.pressFrom + 1e-9 || b.pressTo <= a.pressFrom + 1e-9).toBe(true)
              if (a.place === b.place)
                expect(a.prepTo <= b.prepFrom + 1e-9 || b.prepTo <= a.prepFrom + 1e-9).toBe(true)
            }
        },
      ),
      { numRuns: 30 },
    )
  })
  it('in the fair order nobody is put back by more than three turns, and it ends no later than as they came (property)', () => {
    fc.assert(
      fc.property(
        people(14),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 1, max: 2 }),
        (list, places, presses) => {
          const { turns, endMinutes } = queuePeople({ people: list, places, presses, order: 'fair' })
          turns.forEach(({ name }, i) =>
            expect(i - list.findIndex((one) => one.name === name)).toBeLessThanOrEqual(MOST_PUT_BACK),
          )
          expect(endMinutes).toBeLessThanOrEqual(
            queuePeople({ people: list, places, presses, order: 'as-they-came' }).endMinutes + 1e-9,
          )
        },
      ),
      { numRuns: 30 },
    )
  })
  it('whoever is ready first is next at the press, whoever came first', () => {
    // Inked at four places: a is ready after 30 min, b, c and d after 4, 8 and 12. In the order of the list the press stands idle for half
    // an hour and everything ends at 30 + 10 + 3 · 8 = 64; by who is ready it is never idle after 4: 4 + 3 · 8 = 28, a from 30 to 40.
    const turn = (name: string, prepMinutes: number, pressMinutes: number) => ({
      name,
      prepMinutes,
      pressMinutes,
      thicknessMm: 1,
    })
    const people = [turn('a', 30, 10), turn('b', 4, 8), turn('c', 8, 8), turn('d', 12, 8)]
    const { turns, endMinutes } = queuePeople({ people, places: 4, presses: 1, order: 'as-they-came' })
    expect(endMinutes).toBe(40)
    expect(turns.map(({ name, pressFrom }) => `${name} ${pressFrom}`)).toEqual([
      'a 30',
      'b 4',
      'c 12',
      'd 20',
    ])
  })
  it('with fewer hotplates than inking places, as many are inked as can be warm', () => {
    const list = ['a', 'b', 'c'].map((name) => ({ name, prepMinutes: 30, pressMinutes: 5, thicknessMm: 1 }))
    const with1 = queuePeople({ people: list, places: 3, presses: 1, hotplates: 1, order: 'as-they-came' })
    expect(with1).toEqual(queuePeople({ people: list, places: 1, presses: 1, order: 'as-they-came' }))
    expect([
      with1.endMinutes,
      queuePeople({ people: list, places: 3, presses: 1, order: 'as-they-came' }).endMinutes,
    ]).toEqual([95, 45])
  })
  it('brings every plate to the thickest one’s height', () => {
    const { turns } = queuePeople({
      people: [
        { name: 'a', prepMinutes: 5, pressMinutes: 5, thicknessMm: 1.2 },
        { name: 'b', prepMinutes: 5, pressMinutes: 5, thicknessMm: 0.5 },
      ],
      places: 1,
      presses: 1,
      order: 'as-they-came',
    })
    expect(turns.map(({ makeReadyMm }) => makeReadyMm)).toEqual([0, 0.7])
  })
  it('the board says who is up, who prepares and who is next', () => {
    const { turns } = queuePeople({
      people: ['a', 'b', 'c'].map((name) => ({ name, prepMinutes: 10, pressMinutes: 15, thicknessMm: 1 })),
      places: 1,
      presses: 1,
      order: 'as-they-came',
    })
    const { atPress, preparing, waiting, next } = boardAt(turns, 12)
    expect([atPress, preparing, waiting, next].map((list) => list.map(({ name }) => name))).toEqual([
      ['a'],
      ['b'],
      [],
      ['c'],
    ])
    expect(boardAt(turns, 22).waiting.map(({ name }) => name)).toEqual(['b'])
  })
  it('the board changes hands on the minute: who is done is up, and who is called is gone from the places', () => {
    const { turns } = queuePeople({
      people: ['a', 'b', 'c', 'd', 'e', 'f'].map((name) => ({
        name,
        prepMinutes: 10,
        pressMinutes: 15,
        thicknessMm: 1,
      })),
      places: 1,
      presses: 1,
      order: 'as-they-came',
    })
    const at = (minute: number) =>
      Object.values(boardAt([...turns].reverse(), minute)).map((list) =>
        list.map(({ name }) => name).join(''),
      )
    // Each prepares for ten minutes from 0, 10, 20 …; a is at the press 10–25, b 25–40.
    expect(at(0)).toEqual(['', 'a', '', 'bcd'])
    expect(at(10)).toEqual(['a', 'b', '', 'cde'])
    expect(at(20)).toEqual(['a', 'c', 'b', 'def'])
    expect(at(25)).toEqual(['b', 'c', '', 'def'])
    expect(at(99)).toEqual(['f', '', '', ''])
    expect(at(100)).toEqual(['', '', '', ''])
  })
  it('places and presses are counted from one', () => {
    const { turns } = queuePeople({
      people: ['a', 'b', 'c'].map((name) => ({ name, prepMinutes: 10, pressMinutes: 15, thicknessMm: 1 })),
      places: 2,
      presses: 2,
      order: 'as-they-came',
    })
    expect(turns.map(({ place, press }) => [place, press])).toEqual([
      [1, 1],
      [2, 2],
      [1, 1],
    ])
  })
  it.each([
    // 10 + 6 + 20 min of preparing, 4 + 8 + 5 at the press.
    [1, 1, 40, 'the one place has 36 min of preparing, then at least 4 at the press'],
    [3, 1, 25, 'the longest turn alone'],
    [2, 1, 25, 'as much; 22 by the places, 23 by the press'],
  ])(
    'no order beats the bound, worked by hand: %i places, %i presses, %i min (%s)',
    (places, presses, bound) => {
      const turns = [
        [10, 4],
        [6, 8],
        [20, 5],
      ].map(([prepMinutes, pressMinutes], i) => ({
        name: `P${i}`,
        prepMinutes,
        pressMinutes,
        thicknessMm: 1,
      }))
      expect(queueBound(turns, places, presses)).toBe(bound)
    },
  )
  it('the bound by the presses’ work: 2 + 3 · 30 / 2 after the quickest preparation', () => {
    const turns = [5, 2, 9].map((prepMinutes, i) => ({
      name: `P${i}`,
      prepMinutes,
      pressMinutes: 30,
      thicknessMm: 1,
    }))
    expect(queueBound(turns, 3, 2)).toBe(47)
  })
  it('is called the best only where it is: by Johnson’s rule, or when it meets the bound', () => {
    const turn = (name: string, prepMinutes: number, pressMinutes: number) => ({
      name,
      prepMinutes,
      pressMinutes,
      thicknessMm: 1,
    })
    // Whatever the order, 22 min; the longest turn, 18, is all the bound knows.
    const list = [turn('a', 2, 2), turn('b', 9, 9), turn('c', 2, 2)]
    const exact = (
      people: QueuedPerson[],
      order: 'soonest' | 'fair' | 'as-they-came',
      places = 1,
      presses = 1,
    ) => {
      const { endMinutes, boundMinutes, isExact } = queuePeople({ people, places, presses, order })
      return [endMinutes, boundMinutes, isExact]
    }
    expect(exact(list, 'soonest')).toEqual([22, 18, true])
    expect(exact(list, 'as-they-came')).toEqual([22, 18, false])
    expect(exact([turn('a', 5, 10), turn('b', 5, 10)], 'as-they-came')).toEqual([25, 25, true])
    // Three turns of 10 + 10 at two presses and three places end at 30, which no bound shows.
    const three = ['a', 'b', 'c'].map((name) => turn(name, 10, 10))
    expect(exact(three, 'soonest', 3, 2)).toEqual([30, 25, false])
    expect(exact(three, 'soonest', 3, 1)).toEqual([40, 40, true])
  })
  it('a name twice is refused at its place', () =>
    expect(
      queueInput.safeParse({
        people: [
          { name: 'a', prepMinutes: 1, pressMinutes: 1, thicknessMm: 1 },
          { name: 'a', prepMinutes: 1, pressMinutes: 1, thicknessMm: 1 },
        ],
        places: 1,
        presses: 1,
        order: 'soonest',
      }).error!.issues[0].path,
    ).toEqual(['people', 1, 'name']))
})
