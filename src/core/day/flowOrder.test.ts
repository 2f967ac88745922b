import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { flowOrderInput, makespan, orderFlow, type FlowTask } from './flowOrder'

const tasks = (rows: readonly (readonly [number, number])[]): FlowTask[] =>
  rows.map(([prepMinutes, pressMinutes], i) => ({ name: String(i + 1), prepMinutes, pressMinutes }))
const permutations = <T>(list: readonly T[]): T[][] =>
  list.length <= 1
    ? [[...list]]
    : list.flatMap((one, i) =>
        permutations([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [one, ...rest]),
      )

describe('order of plates through one bench and one press', () => {
  it('agrees with the worked example of Johnson (1954): 5, 1, 4, 3, 2 in 47', () => {
    expect(
      orderFlow({
        tasks: tasks([
          [4, 5],
          [4, 1],
          [30, 4],
          [6, 30],
          [2, 3],
        ]),
      }),
    ).toEqual({ order: ['5', '1', '4', '3', '2'], makespanMinutes: 47 })
  })
  it('is as good as every order tried (property, up to six)', () => {
    const minutes = fc.integer({ min: 0, max: 20 })
    fc.assert(
      fc.property(fc.array(fc.tuple(minutes, minutes), { minLength: 1, maxLength: 6 }), (rows) => {
        const all = tasks(rows)
        const { order, makespanMinutes } = orderFlow({ tasks: all })
        expect(makespanMinutes).toBe(Math.min(...permutations(all).map(makespan)))
        expect([...order].sort()).toEqual(all.map(({ name }) => name).sort())
      }),
      { numRuns: 60 },
    )
  })
  it('is as good as every order of eight', () => {
    const all = tasks([
      [7, 3],
      [2, 9],
      [5, 5],
      [8, 1],
      [4, 6],
      [1, 2],
      [9, 4],
      [3, 8],
    ])
    expect(orderFlow({ tasks: all }).makespanMinutes).toBe(Math.min(...permutations(all).map(makespan)))
  })
  it.each([
    [[], 'tasks'],
    [
      [
        { name: 'a', prepMinutes: 1, pressMinutes: 1 },
        { name: 'a', prepMinutes: 2, pressMinutes: 1 },
      ],
      'tasks.1.name',
    ],
    [[{ name: 'a', prepMinutes: -1, pressMinutes: 1 }], 'tasks.0.prepMinutes'],
  ])('refuses %j', (bad, field) =>
    expect(flowOrderInput.safeParse({ tasks: bad }).error!.issues[0].path.join('.')).toBe(field),
  )
})
