import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { DeskOutcome } from '@/core/edition/deskEntry'
import { pressKey, type DeskKey } from '@/core/edition/deskKeys'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { FRESH_DESK, readMemory, type DeskMemory } from './deskMemory'
import { acceptedIn, deskStep, isGapLong, momentsOf, nextOf, warmUpsLeft, withForgotten } from './deskSteps'
import type { Desk } from './readDesk'
import { withOutcomes } from './useDeskQueue'

const desk: Desk = {
  id: 'job',
  slug: 'job',
  title: 'Mooring posts',
  editionSize: 24,
  runPosition: 0,
  stop: null,
  settings: sampleSettings,
  batVersion: 1,
  plate: [
    { step: 'Dab', seconds: 60 },
    { step: 'Wipe', seconds: 120 },
  ],
  sheet: [{ step: 'Blot', seconds: 30 }],
  pulledAt: [],
  courses: [],
  nextNumber: 12,
  nextSheet: 15,
  accepted: 9,
  differences: [],
  outside: 0,
  check: null,
  warm: { isNewDay: false, matched: 0 },
}
let made = 0
const now = (moment: number, more: { rollerSeconds?: number; inker?: string } = {}) => ({
  moment,
  today: '2031-05-02',
  zone: 'Europe/Lisbon',
  inker: 'Ida Quill',
  rollerSeconds: null,
  makeId: () => `made-${(made += 1)}`,
  ...more,
})
/** Keys pressed one after the other, a second apart. */
const press = (memory: DeskMemory, keys: readonly DeskKey[], at = desk, from = 1_000_000): DeskMemory =>
  keys.reduce((held, key, i) => {
    const { state, act } = pressKey(held.state, key)
    return act ? deskStep(held, act, state, at, now(from + i * 1000)) : { ...held, state }
  }, memory)
const withoutMoments = ({ rails, ...memory }: DeskMemory) => ({
  ...memory,
  begun: [rails.plate.begun, rails.sheet.begun],
})

describe('the steps of a desk', () => {
  it('move the own rail by Enter and the other by the point, never beyond what is planned', () => {
    expect(press(FRESH_DESK, ['enter', 'dot', 'enter', 'enter', 'dot']).rails).toMatchObject({
      plate: { begun: [1_000_000, 1_002_000] },
      sheet: { begun: [1_001_000] },
    })
    expect(press({ ...FRESH_DESK, role: 'clean' }, ['enter']).rails.sheet.begun).toHaveLength(1)
  })
  it('take back the segment begun last, of whichever rail', () => {
    const { rails } = press(FRESH_DESK, ['enter', 'dot', 'back'])
    expect([rails.plate.begun, rails.sheet.begun]).toEqual([[1_000_000], []])
  })
  it('give a pull its number, its sheet, and how plate and sheet met; the rails are empty again', () => {
    const { draft, rails } = press(FRESH_DESK, ['enter', 'dot', '0'])
    expect(draft).toMatchObject({ number: 12, sheet: 15, at: 1_002_000, isSent: false, isWarm: false })
    expect(draft!.meeting.length).toBeGreaterThan(0)
    expect([rails.plate.begun, rails.sheet.begun]).toEqual([[], []])
  })
  it('put a pull that was none back to where it stood', () => {
    const before = press(FRESH_DESK, ['enter', 'dot'])
    expect(withoutMoments(press(before, ['0', 'back']))).toEqual(withoutMoments(before))
  })
  it('send a whole pull once, with everybody’s name, and what is said anew after that as an amendment', () => {
    const named = { ...FRESH_DESK, hands: { inked: '', wiped: ' ', laid: 'Tam Brocket' } }
    const decided = press(named, ['0', 'enter', 'enter'])
    expect(decided.queue).toMatchObject([
      {
        kind: 'pull',
        pullKind: 'edition',
        by: 'Ida Quill',
        hands: { inked: 'Ida Quill', wiped: 'Ida Quill', laid: 'Tam Brocket' },
        estimated: false,
      },
    ])
    const id = decided.queue[0].id
    const kept: DeskOutcome[] = [{ id, outcome: 'kept', message: null }]
    const sent = withOutcomes(decided, kept)
    expect(sent).toMatchObject({ queue: [], last: { draft: { id, isSent: true } } })
    const again = press(sent, ['back', 'dot'])
    expect(again.queue).toMatchObject([{ kind: 'amendment', pullId: id }])
    expect(again.queue[0].id).not.toBe(id)
  })
  it('take a decision back while it waits here: the pull is in the hand again and not sent twice', () => {
    const decided = press(FRESH_DESK, ['0', 'enter', 'enter'])
    const back = press(decided, ['back'])
    expect(back).toMatchObject({ queue: [], last: null, draft: { id: decided.queue[0].id, isSent: false } })
    expect(press(back, ['enter']).queue.map(({ id }) => id)).toEqual(decided.queue.map(({ id }) => id))
  })
  it('withdraw a pull that the server has, when it was none: number and sheet are the next one’s again', () => {
    const decided = press(FRESH_DESK, ['0', 'enter', 'enter'])
    const id = decided.queue[0].id
    const sent = withOutcomes(decided, [{ id, outcome: 'kept', message: null }])
    const after = { ...desk, nextNumber: desk.nextNumber + 1, nextSheet: desk.nextSheet + 1 }
    const none = press(sent, ['back', 'back', 'back'], after)
    expect(none).toMatchObject({
      draft: null,
      queue: [{ kind: 'withdrawal', pullId: id, pullKind: 'edition', by: 'Ida Quill' }],
    })
    expect(nextOf(after, none.queue)).toEqual(nextOf(desk, []))
    expect(readMemory(JSON.stringify(none))).toEqual(none)
  })
  it('shift the moment by minutes and say that it is estimated', () => {
    const [entry] = press(FRESH_DESK, ['0', 'minus', 'minus', 'enter', 'enter']).queue
    expect(entry).toMatchObject({ estimated: true, pulledAt: new Date(1_000_000 - 120_000).toISOString() })
  })
  it('keep how long the plate took under the roller, where somebody timed it', () => {
    const memory = press(FRESH_DESK, ['0', 'enter'])
    const { state, act } = pressKey(memory.state, 'enter')
    const timed = deskStep(memory, act!, state, desk, now(5_000_000, { rollerSeconds: 9 }))
    expect(timed.queue[0]).toMatchObject({
      events: expect.arrayContaining([{ kind: 'roller', seconds: 9 }]),
    })
  })
  it('never give a number or an id twice, whatever is pressed', () => {
    const key = fc.constantFrom<DeskKey>(
      ...(['enter', 'back', 'plus', 'minus', 'dot', 'star', '0', '1', '5', '9'] as const),
    )
    fc.assert(
      fc.property(fc.array(key, { maxLength: 60 }), (keys) => {
        let memory: DeskMemory = FRESH_DESK
        keys.forEach((one, i) => {
          memory = press(memory, [one], desk, 1_000_000 + i * 1000)
          const pulls = memory.queue.filter(({ kind }) => kind === 'pull')
          expect(new Set(memory.queue.map(({ id }) => id)).size).toBe(memory.queue.length)
          expect(nextOf(desk, memory.queue)).toEqual({ number: 12 + pulls.length, sheet: 15 + pulls.length })
          // What is written down is what comes back.
          expect(readMemory(JSON.stringify(memory))).toEqual(memory)
          if (memory.draft) expect(memory.draft.number).toBe(12 + pulls.length)
        })
      }),
    )
  })
})

describe('warm-ups at a desk', () => {
  const morning: Desk = { ...desk, warm: { isNewDay: true, matched: 0 } }
  it('have no number, and end when two in a row match', () => {
    const one = press(FRESH_DESK, ['0', 'enter', 'enter'], morning)
    expect(one.queue).toMatchObject([{ pullKind: 'warmup' }])
    expect(nextOf(morning, one.queue)).toEqual({ number: 12, sheet: 16 })
    expect(warmUpsLeft(morning, one, '2031-05-02')).toBe(1)
    const two = press(one, ['0', 'enter', 'enter'], morning)
    expect(warmUpsLeft(morning, two, '2031-05-02')).toBe(0)
    expect(press(two, ['0', 'enter', 'enter'], morning).queue.at(-1)).toMatchObject({ pullKind: 'edition' })
  })
  it('begin again after one that does not match', () => {
    const memory = press(FRESH_DESK, ['0', 'enter', 'enter', '0', 'enter', 'plus', 'enter'], morning)
    expect(warmUpsLeft(morning, memory, '2031-05-02')).toBe(2)
  })
  it('are ended by hand, for that day', () => {
    const ended = { ...FRESH_DESK, warmEnded: '2031-05-02' }
    expect(warmUpsLeft(morning, ended, '2031-05-02')).toBe(0)
    expect(warmUpsLeft(morning, ended, '2031-05-03')).toBe(2)
  })
})

describe('a pull that was forgotten', () => {
  const at = (minutes: number) => new Date(minutes * 60_000).toISOString()
  const regular = { ...desk, pulledAt: [0, 10, 20, 30].map(at) }
  it('is asked after when the last is much longer ago than usual, while its moment is on the screen', () => {
    const late = press(FRESH_DESK, ['0'], regular, 75 * 60_000)
    expect(isGapLong(regular, late)).toBe(true)
    expect(isGapLong(regular, press(FRESH_DESK, ['0'], regular, 41 * 60_000))).toBe(false)
    expect(isGapLong(regular, press(late, ['enter'], regular))).toBe(false)
    expect(isGapLong(regular, FRESH_DESK)).toBe(false)
  })
  it('goes in half-way before the one in hand, which moves on by one', () => {
    const late = press(FRESH_DESK, ['0'], regular, 50 * 60_000)
    const both = withForgotten(late, regular, now(50 * 60_000))
    expect(both.queue).toMatchObject([{ pulledAt: at(40), estimated: true }])
    expect(both.draft).toMatchObject({ number: 13, sheet: 16 })
    expect(acceptedIn(both.queue)).toBe(0)
    expect(momentsOf(regular, both.queue)).toHaveLength(5)
    expect(withForgotten(FRESH_DESK, regular, now(0))).toBe(FRESH_DESK)
  })
})
