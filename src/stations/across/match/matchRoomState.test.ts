import { samplePull } from '@/core/edition/samplePull.test.fixture'
import { describe, expect, it } from 'vitest'
import type { PullEvent } from '@/core/edition/pull'
import { USUAL_MATCH_TOLERANCES, type CheckResult, type FoundPlace } from '@/core/match/checks/matchCheck'
import type { ShownMatch } from '@/core/match/matchImpression'
import {
  matchRoom,
  openMatchRoom,
  readMatchRoom,
  type MatchRoomAct,
  type MatchRoomState,
} from './matchRoomState'
import { keptWords, mixedWords, modelWords, outcomeWords, withoutPicture } from './words'

const pull = (number: number, ...events: PullEvent[]) => samplePull(number, events)
const scan = (imageId: string, dry = true, taken: 'scanner' | 'model' = 'scanner'): PullEvent => ({
  kind: 'scan',
  scan: { imageId, taken, dry, corners: null },
})
const spot: FoundPlace = { check: 'marks', what: 'spot', xMm: 3, yMm: 4, widthMm: 1, heightMm: 1 }
const edge: FoundPlace = { check: 'edges', what: 'dirty bevel', xMm: 3, yMm: 4, widthMm: 2, heightMm: 90 }
const checks: CheckResult[] = [
  { check: 'register', value: 0.1, words: '', places: [] },
  { check: 'edges', value: 40, words: '', places: [edge] },
  { check: 'marks', value: 1, words: '', places: [spot] },
]
const match = { checks, colour: { mean: 1, p95: 3, zones: [] } } as unknown as ShownMatch

const bat = pull(0, scan('bat'))
const pulls = [pull(1, scan('one')), pull(2, scan('two')), pull(3)]
const after = (state: MatchRoomState, ...acts: MatchRoomAct[]) => acts.reduce(matchRoom, state)
/** The room with the second impression compared. */
function compared(): MatchRoomState {
  const state = openMatchRoom(pulls, null)
  const { key, pull: chosen } = readMatchRoom(state, bat, pulls)
  return after(state, { kind: 'compared', key: key!, compared: { match }, pull: chosen! })
}

describe('the match room', () => {
  it('opens at what was asked for, else at the newest impression with a dry picture', () => {
    expect(openMatchRoom(pulls, 'p1').chosen).toBe('p1')
    expect(openMatchRoom(pulls, null).chosen).toBe('p2')
    expect(openMatchRoom([pull(7)], null).chosen).toBe('p7')
    expect(openMatchRoom([], null).chosen).toBe('')
  })
  it('goes on with the tolerances last used', () => {
    const verdict = {
      referencePullId: 'p0',
      outcome: 'matches',
      deltaE00: { mean: 1, p95: 2 },
      values: {},
      tolerances: { ...USUAL_MATCH_TOLERANCES, colour: 7 },
      places: [],
      accepted: [],
    } as const
    const judged = pull(1, scan('one'), { kind: 'match', match: { ...verdict, places: [], accepted: [] } })
    expect(openMatchRoom([judged], null).tolerances.colour).toBe(7)
    expect(openMatchRoom(pulls, null).tolerances).toEqual(USUAL_MATCH_TOLERANCES)
  })
  it('has nothing to compare without both pictures', () => {
    const state = after(openMatchRoom(pulls, null), { kind: 'choose', pullId: 'p3' })
    expect(readMatchRoom(state, bat, pulls)).toMatchObject({ key: null, theirs: null, match: null })
    expect(readMatchRoom(openMatchRoom(pulls, null), pull(0), pulls)).toMatchObject({ key: null, ours: null })
  })
  it('says what differs, until it is let pass', () => {
    const state = compared()
    const view = readMatchRoom(state, bat, pulls)
    expect(view).toMatchObject({ match, differing: 2 })
    expect(view.places).toEqual([spot, edge])
    const passed = after(state, { kind: 'accept', place: spot, why: 'was in the plate' })
    expect(readMatchRoom(passed, bat, pulls)).toMatchObject({ differing: 1, places: [spot, edge] })
    expect(
      readMatchRoom(after(passed, { kind: 'accept', place: spot, why: null }), bat, pulls).differing,
    ).toBe(2)
  })
  it('never shows an answer for pictures it was not made of', () => {
    const state = compared()
    for (const other of [
      after(state, { kind: 'choose', pullId: 'p1' }),
      after(state, { kind: 'take', dry: false }),
    ])
      expect(readMatchRoom(other, bat, pulls)).toMatchObject({ match: null, refusal: null, places: [] })
    expect(readMatchRoom(state, bat, [pulls[0], pull(2, scan('taken again'))]).match).toBeNull()
    const back = after(state, { kind: 'choose', pullId: 'p1' }, { kind: 'choose', pullId: 'p2' })
    expect(readMatchRoom(back, bat, pulls).match).toBe(match)
  })
  it('says why pictures could not be compared', () => {
    const state = openMatchRoom(pulls, null)
    const { key, pull: chosen } = readMatchRoom(state, bat, pulls)
    const refused: MatchRoomAct = {
      kind: 'compared',
      key: key!,
      compared: { refusal: 'No sheet' },
      pull: chosen!,
    }
    expect(readMatchRoom(after(state, refused), bat, pulls)).toMatchObject({
      match: null,
      refusal: 'No sheet',
    })
  })
  it('shows a check in the picture it is seen in, at its first place', () => {
    const { places } = readMatchRoom(compared(), bat, pulls)
    expect(after(compared(), { kind: 'show', check: 'edges', places })).toMatchObject({
      look: { view: 'difference', map: 'film' },
      current: 1,
    })
    const blinking = after(compared(), { kind: 'look', look: { view: 'blink', map: 'ink' } })
    expect(after(blinking, { kind: 'show', check: 'register', places })).toMatchObject({
      look: { view: 'swipe', map: 'ink' },
      current: 0,
    })
  })
  it('takes only a tolerance that can be one', () => {
    const state = openMatchRoom(pulls, null)
    const colour = (value: number | null) =>
      after(state, { kind: 'tolerate', check: 'colour', value }).tolerances.colour
    expect([0, 5, 100].map(colour)).toEqual([0, 5, 100])
    expect([null, -1, 101].map(colour)).toEqual(Array(3).fill(state.tolerances.colour))
  })
  it('knows a misfit as kept for the pictures it was read from only', () => {
    const state = compared()
    const { key } = readMatchRoom(state, bat, pulls)
    const kept = after(state, { kind: 'misfit-kept', key: key! })
    expect(readMatchRoom(kept, bat, pulls).isMisfitKept).toBe(true)
    expect(readMatchRoom(after(kept, { kind: 'choose', pullId: 'p1' }), bat, pulls).isMisfitKept).toBe(false)
    expect(readMatchRoom(state, bat, pulls).isMisfitKept).toBe(false)
  })
})

describe('the words of the match room', () => {
  const taken = (how: 'scanner' | 'model') => ({ imageId: 'x', taken: how, dry: true, corners: null })
  it('name the pictures a model made', () => {
    expect(modelWords(taken('scanner'), taken('scanner'), pulls[0])).toBeNull()
    expect(modelWords(taken('model'), null, null)).toMatch(/^The BAT’s picture is simulated/)
    expect(modelWords(taken('scanner'), taken('model'), pulls[1])).toMatch(/^The picture of pull 2 is/)
    expect(modelWords(taken('model'), taken('model'), pulls[0])).toMatch(/^Both pictures are/)
  })
  it('say how a wet print stands against a dry one', () => {
    const side = {
      imageId: 'x',
      corners: null,
      plateAt: undefined,
      dries: undefined,
      taken: 'scanner' as const,
      device: null,
    }
    const pair = (from: number) => ({ reference: side, impression: side, mixed: { from } })
    expect(mixedWords({ ...pair(1), mixed: null }, taken('scanner'))).toBeNull()
    expect(mixedWords(pair(1), taken('scanner'))).toMatch(
      /of the dry print and this one of the wet.*one print/,
    )
    expect(mixedWords(pair(3), { ...taken('scanner'), dry: false })).toMatch(/of the wet .* 3 prints/)
  })
  it('count what has no picture', () => {
    expect(withoutPicture(0, 5, true)).toBeNull()
    expect(withoutPicture(1, 5, true)).toBe('One more has no picture of the dry print yet.')
    expect(withoutPicture(4, 5, false)).toBe('4 more have no picture of the wet print yet.')
    expect(withoutPicture(5, 5, true)).toBe('No impression has a picture of the dry print yet.')
  })
  it('say what stands on a print', () => {
    expect(keptWords(null)).toBe('Nothing on the print yet.')
    expect(keptWords({ outcome: 'differs', accepted: [{ ...spot, why: '' }] })).toBe(
      'On the print: differs, 1 accepted.',
    )
    expect([null, { outcome: 'matches' } as const].map(outcomeWords)).toEqual(['not checked', '● matches'])
  })
})
