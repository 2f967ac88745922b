import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pressKey, type DeskKey } from '@/core/edition/deskKeys'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { FRESH_DESK, readBeside, type DeskMemory } from './deskMemory'
import { DESK_VERSION, type Desk } from './deskShape'
import { acceptedAt, deskStep, isGapLong, momentsOf, nextOf, warmUpsLeft, withForgotten } from './deskSteps'
import { withOutcomes } from './deskTalk'

const desk: Desk = {
  version: DESK_VERSION,
  stamp: '1',
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
  pulls: [],
  courses: [],
  nextNumber: 12,
  nextSheet: 15,
  accepted: 9,
  differences: [],
  outside: 0,
  check: null,
  warm: { lastDay: '2031-05-02', today: '2031-05-02', eyes: [] },
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
const begunOf = ({ rails }: DeskMemory) => [rails.plate.begun, rails.sheet.begun]
const entries = ({ queue }: DeskMemory) => queue.map(({ entry }) => entry)
/** The server takes all that waits. */
const taken = (memory: DeskMemory) =>
  withOutcomes(
    memory,
    entries(memory).map(({ id }) => ({ id, outcome: 'kept' as const, message: null, given: null })),
  )

describe('the steps of a desk', () => {
  it('move the own rail by Enter and the other by the point, never beyond what is planned', () => {
    expect(begunOf(press(FRESH_DESK, ['enter', 'dot', 'enter', 'enter', 'dot']))).toEqual([
      [1_000_000, 1_002_000],
      [1_001_000],
    ])
    expect(begunOf(press({ ...FRESH_DESK, role: 'clean' }, ['enter']))[1]).toHaveLength(1)
  })
  it('take back the segment begun last, of whichever rail', () => {
    expect(begunOf(press(FRESH_DESK, ['enter', 'dot', 'back']))).toEqual([[1_000_000], []])
  })
  it('give a pull its number, its sheet, and how plate and sheet met; the rails are empty again', () => {
    const after = press(FRESH_DESK, ['enter', 'dot', '0'])
    expect(after.draft).toMatchObject({
      number: 12,
      sheet: 15,
      at: 1_002_000,
      isJudged: false,
      isWarm: false,
    })
    expect(after.draft!.meeting.length).toBeGreaterThan(0)
    expect(begunOf(after)).toEqual([[], []])
  })
  it('tell the server of a pull the moment it is made, with everybody’s name and nothing decided', () => {
    const named = { ...FRESH_DESK, hands: { inked: '', wiped: ' ', laid: 'Tam Brocket' } }
    const pulled = press(named, ['enter', '0'])
    expect(entries(pulled)).toMatchObject([
      {
        kind: 'pull',
        id: pulled.draft!.id,
        pullKind: 'edition',
        by: 'Ida Quill',
        hands: { inked: 'Ida Quill', wiped: 'Ida Quill', laid: 'Tam Brocket' },
        estimated: false,
        events: [{ kind: 'meeting' }],
      },
    ])
    const decided = press(pulled, ['enter', 'enter'])
    expect(entries(decided).slice(1)).toMatchObject([{ kind: 'amendment', pullId: pulled.draft!.id }])
  })
  it('withdraw a pull that was none: what had begun stands again, and number and sheet are the next one’s', () => {
    const before = press(FRESH_DESK, ['enter', 'dot'])
    const none = press(before, ['0', 'back'])
    expect(begunOf(none)).toEqual(begunOf(before))
    expect(none.draft).toBeNull()
    expect(entries(none)).toMatchObject([{ kind: 'pull' }, { kind: 'withdrawal' }])
    expect(nextOf(desk, none.queue)).toEqual(nextOf(desk, []))
    // The server has the pull already: only the withdrawal waits.
    const at = { ...desk, nextNumber: 13, nextSheet: 16 }
    const later = press(taken(press(before, ['0'])), ['back'], at)
    expect(entries(later)).toMatchObject([{ kind: 'withdrawal' }])
    expect(nextOf(at, later.queue)).toEqual(nextOf(desk, []))
  })
  it('take a decision back: what is said then amends what was said, and nothing sent is unsent', () => {
    const decided = press(FRESH_DESK, ['0', 'enter', 'enter'])
    const back = press(decided, ['back'])
    expect(back).toMatchObject({ last: null, draft: { isJudged: true }, queue: decided.queue })
    const again = press(back, ['dot'])
    expect(entries(again)).toMatchObject([{ kind: 'pull' }, { kind: 'amendment' }, { kind: 'amendment' }])
    expect([acceptedAt(desk, decided.queue), acceptedAt(desk, again.queue)]).toEqual([10, 9])
  })
  it('count what was accepted when the server knows the pull and not yet what was taken back', () => {
    const decided = taken(press(FRESH_DESK, ['0', 'enter', 'enter']))
    const known: Desk = {
      ...desk,
      accepted: 10,
      pulls: [{ id: decided.last!.draft.id, at: new Date(1_000_000).toISOString(), decision: 'accepted' }],
    }
    expect(acceptedAt(known, press(decided, ['back', 'dot'], known).queue)).toBe(9)
    expect(acceptedAt(known, press(decided, ['back', 'back', 'back'], known).queue)).toBe(9)
  })
  it('shift the moment by minutes and say that once', () => {
    const shifted = press(FRESH_DESK, ['0', 'minus', 'minus', 'enter', 'back', 'enter', 'enter'])
    expect(entries(shifted)).toMatchObject([
      { kind: 'pull', pulledAt: new Date(1_000_000).toISOString() },
      { kind: 'moment', pulledAt: new Date(1_000_000 - 120_000).toISOString() },
      { kind: 'amendment' },
    ])
    expect(momentsOf(desk, shifted)).toEqual([1_000_000 - 120_000])
  })
  it('keep how long the plate took under the roller, where somebody timed it', () => {
    const memory = press(FRESH_DESK, ['0', 'enter'])
    const { state, act } = pressKey(memory.state, 'enter')
    const timed = deskStep(memory, act!, state, desk, now(5_000_000, { rollerSeconds: 9 }))
    expect(entries(timed)[1]).toMatchObject({
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
          const before = memory.queue
          memory = press(memory, [one], desk, 1_000_000 + i * 1000)
          // What was once to be sent stays to be sent.
          expect(memory.queue.slice(0, before.length)).toEqual(before)
          const said = entries(memory)
          expect(new Set(said.map(({ id }) => id)).size).toBe(said.length)
          const stand =
            said.filter(({ kind }) => kind === 'pull').length -
            said.filter(({ kind }) => kind === 'withdrawal').length
          expect(nextOf(desk, memory.queue)).toEqual({ number: 12 + stand, sheet: 15 + stand })
          // What is written down is what comes back.
          const { queue: _, ...beside } = memory
          expect(readBeside(JSON.parse(JSON.stringify(beside)))).toEqual(beside)
          if (memory.draft) expect(memory.draft.number).toBe(11 + stand)
        })
      }),
    )
  })
})

describe('warm-ups at a desk', () => {
  const morning: Desk = { ...desk, warm: { lastDay: '2031-05-01', today: '2031-05-02', eyes: [] } }
  it('have no number, and end when two in a row match', () => {
    const one = press(FRESH_DESK, ['0', 'enter', 'enter'], morning)
    expect(entries(one)).toMatchObject([{ pullKind: 'warmup' }, { kind: 'amendment' }])
    expect(nextOf(morning, one.queue)).toEqual({ number: 12, sheet: 16 })
    expect(warmUpsLeft(morning, one, '2031-05-02')).toBe(1)
    const two = press(one, ['0', 'enter', 'enter'], morning)
    expect(warmUpsLeft(morning, two, '2031-05-02')).toBe(0)
    expect(entries(press(two, ['0'], morning)).at(-1)).toMatchObject({ pullKind: 'edition' })
  })
  it('begin again after one that does not match; the one in hand says nothing yet', () => {
    const memory = press(FRESH_DESK, ['0', 'enter', 'enter', '0', 'enter', 'plus', 'enter'], morning)
    expect(warmUpsLeft(morning, memory, '2031-05-02')).toBe(2)
    const hand = press(press(FRESH_DESK, ['0', 'enter', 'enter'], morning), ['0'], morning)
    expect(warmUpsLeft(morning, hand, '2031-05-02')).toBe(1)
  })
  it('are counted when the server has the pull, and what was seen of it waits here', () => {
    const pulled = taken(press(FRESH_DESK, ['0'], morning))
    const known: Desk = { ...morning, warm: { ...morning.warm, eyes: [{ id: pulled.draft!.id, eye: null }] } }
    const seen = press(pulled, ['enter', 'enter'], known)
    expect(warmUpsLeft(known, seen, '2031-05-02')).toBe(1)
    expect(warmUpsLeft(known, press(seen, ['back', 'back', 'back'], known), '2031-05-02')).toBe(2)
  })
  it('are asked for on the next morning even when the server was last heard the day before', () => {
    expect(warmUpsLeft(desk, FRESH_DESK, '2031-05-02')).toBe(0)
    expect(warmUpsLeft(desk, FRESH_DESK, '2031-05-03')).toBe(2)
    const yesterdays = { ...desk, warm: { ...desk.warm, eyes: [{ id: 'w', eye: 'same' as const }] } }
    expect(warmUpsLeft(yesterdays, FRESH_DESK, '2031-05-03')).toBe(2)
    expect(warmUpsLeft({ ...desk, warm: { ...desk.warm, lastDay: null } }, FRESH_DESK, '2031-05-03')).toBe(0)
  })
  it('are ended by hand, for that day', () => {
    const ended = { ...FRESH_DESK, warmEnded: '2031-05-02' }
    expect(warmUpsLeft(morning, ended, '2031-05-02')).toBe(0)
    expect(warmUpsLeft(morning, ended, '2031-05-03')).toBe(2)
  })
})

describe('a pull that was forgotten', () => {
  const at = (minutes: number) => new Date(minutes * 60_000).toISOString()
  const regular: Desk = {
    ...desk,
    pulls: [0, 10, 20, 30].map((minutes) => ({ id: `p${minutes}`, at: at(minutes), decision: 'accepted' })),
  }
  it('is asked after when the last is much longer ago than usual, while its moment is on the screen', () => {
    const late = press(FRESH_DESK, ['0'], regular, 75 * 60_000)
    expect(isGapLong(regular, late)).toBe(true)
    // The server has the one in hand by then, which is no reason to think it was not long.
    const known = {
      ...regular,
      pulls: [...regular.pulls, { id: late.draft!.id, at: at(75), decision: null }],
    }
    expect(isGapLong(known, taken(late))).toBe(true)
    expect(isGapLong(regular, press(FRESH_DESK, ['0'], regular, 41 * 60_000))).toBe(false)
    expect(isGapLong(regular, press(late, ['enter'], regular))).toBe(false)
    expect(isGapLong(regular, FRESH_DESK)).toBe(false)
  })
  it('goes in half-way before the one in hand, which is told anew behind it', () => {
    const late = press(FRESH_DESK, ['0'], regular, 50 * 60_000)
    const both = withForgotten(late, regular, now(50 * 60_000))
    expect(entries(both)).toMatchObject([
      { kind: 'pull', id: late.draft!.id },
      { kind: 'withdrawal', pullId: late.draft!.id },
      { kind: 'pull', pulledAt: at(40), estimated: true, events: [{ decision: 'set-aside' }] },
      { kind: 'pull', id: both.draft!.id, pulledAt: at(50) },
    ])
    expect(both.draft).toMatchObject({ number: 13, sheet: 16 })
    expect(nextOf(regular, both.queue)).toEqual({ number: 14, sheet: 17 })
    expect(acceptedAt(regular, both.queue)).toBe(9)
    expect(momentsOf(regular, both)).toHaveLength(5)
    expect(withForgotten(FRESH_DESK, regular, now(0))).toBe(FRESH_DESK)
  })
})
