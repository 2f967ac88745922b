import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { documentKind } from '../document/documentKind'
import {
  answeredRails,
  deskRailsSchema,
  EMPTY_RAILS,
  heard,
  movedRail,
  onClock,
  RAILS_STEPS,
  railWordsSchema,
  wordsOf,
  type DeskRails,
  type OwnRails,
} from './deskRails'
import type { Rail } from './meeting'

const fresh: OwnRails = {
  plate: { begun: [], sequence: 0, trail: [] },
  sheet: { begun: [], sequence: 0, trail: [] },
}
/** An Enter at a device: a segment begins on one rail. */
const enter = (rails: OwnRails, rail: Rail, at: number): OwnRails => ({
  ...rails,
  [rail]: movedRail(rails[rail], [...rails[rail].begun, at]),
})

describe('the rails at the server', () => {
  it('move by a word from how they stand, and not by one from how they stood', () => {
    const first = heard(EMPTY_RAILS, { rail: 'plate', begun: [1000], base: 0 })
    expect(first).toEqual({ ...EMPTY_RAILS, plate: { begun: [1000], sequence: 1 } })
    expect(heard(first, { rail: 'plate', begun: [9e14], base: 0 })).toBe(first)
    expect(heard(first, { rail: 'sheet', begun: [2000], base: 0 }).plate).toBe(first.plate)
  })
  it('are not frozen by a word from the end of time', () => {
    const frozen = heard(EMPTY_RAILS, { rail: 'plate', begun: [8.64e15], base: 0 })
    expect(heard(frozen, { rail: 'plate', begun: [1000], base: 1 }).plate).toEqual({
      begun: [1000],
      sequence: 2,
    })
    expect(railWordsSchema.safeParse({ words: [{ rail: 'plate', begun: [9e15], base: 0 }] }).success).toBe(
      false,
    )
  })
  it('that were ordered by clocks are read as they stand, counted from nought', () => {
    const kind = documentKind(deskRailsSchema, { steps: RAILS_STEPS })
    const old = { plate: { begun: [1, 2], changedAt: 9e15 }, sheet: { begun: [], changedAt: 0 }, version: 1 }
    expect(kind.read(old)).toEqual({
      value: { plate: { begun: [1, 2], sequence: 0 }, sheet: { begun: [], sequence: 0 } },
      aside: [],
    })
  })
})

describe('the rails at a device', () => {
  it('tell what the server has not heard', () => {
    expect(wordsOf(fresh)).toEqual([])
    expect(wordsOf(enter(fresh, 'sheet', 5))).toEqual([{ rail: 'sheet', begun: [5], base: 0 }])
  })
  it('moved on while a word was under way say the rest from what the server has then', () => {
    const one = enter(fresh, 'plate', 5)
    const answer = heard(EMPTY_RAILS, wordsOf(one)[0])
    expect(answeredRails(one, answer)).toEqual({ ...fresh, plate: { begun: [5], sequence: 1, trail: [] } })
    const two = enter(one, 'plate', 9)
    expect(wordsOf(answeredRails(two, answer))).toEqual([{ rail: 'plate', begun: [5, 9], base: 1 }])
  })
  it('emptied by a pull stay empty when the answer to what was before it comes late, or never came', () => {
    const begun = enter(fresh, 'plate', 50_000)
    const server = heard(EMPTY_RAILS, wordsOf(begun)[0])
    const pulled = { ...begun, plate: movedRail(begun.plate, []) }
    // Read back from the disk, with a clock that was compared anew.
    const read = JSON.parse(JSON.stringify(pulled)) as OwnRails
    const after = answeredRails(read, onClock(server, 7))
    expect(after.plate.begun).toEqual([])
    expect(heard(server, wordsOf(after)[0]).plate).toEqual({ begun: [], sequence: 2 })
  })
  it('moved while nothing was asked stay moved when nothing else happened', () => {
    const moved = enter(fresh, 'plate', 5)
    expect(answeredRails(moved, EMPTY_RAILS)).toEqual(moved)
    const other = { ...EMPTY_RAILS, plate: { begun: [70_000], sequence: 1 } }
    expect(answeredRails(moved, other).plate).toEqual({ begun: [70_000], sequence: 1, trail: [] })
  })
  it('come to the same on two devices whatever their clocks, and an Enter heard is undone by no poll (property)', () => {
    const step = fc.record({
      device: fc.integer({ min: 0, max: 1 }),
      act: fc.constantFrom('plate', 'sheet', 'ask', 'lost' as const),
    })
    const skew = fc.integer({ min: -3_600_000, max: 3_600_000 })
    fc.assert(
      fc.property(fc.array(step, { maxLength: 60 }), skew, skew, (steps, left, right) => {
        const skews = [left, right]
        let server: DeskRails = EMPTY_RAILS
        const devices = [fresh, fresh]
        const ask = (device: number, isLost = false) => {
          const ahead = skews[device]
          const said = wordsOf(devices[device])
          const before = server
          for (const word of said)
            server = heard(server, { ...word, begun: word.begun.map((at) => at - ahead) } as typeof word)
          for (const rail of ['plate', 'sheet'] as const) {
            // Nobody’s word takes back what was heard before: these devices only ever add.
            expect(server[rail].begun.slice(0, before[rail].begun.length)).toEqual(before[rail].begun)
          }
          if (!isLost) devices[device] = answeredRails(devices[device], onClock(server, ahead))
        }
        steps.forEach(({ device, act }, i) => {
          if (act === 'ask' || act === 'lost') ask(device, act === 'lost')
          else devices[device] = enter(devices[device], act as Rail, 10_000_000 + i * 5000 + skews[device])
        })
        for (const device of [0, 0, 1, 1, 0, 1]) ask(device)
        const atServer = devices.map((rails, i) =>
          (['plate', 'sheet'] as const).map((rail) => rails[rail].begun.map((at) => at - skews[i])),
        )
        expect(atServer[0]).toEqual(atServer[1])
        expect(devices.flatMap(wordsOf)).toEqual([])
      }),
    )
  })
})
