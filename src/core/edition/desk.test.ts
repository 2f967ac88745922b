import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { DESK_START, pressKey, type DeskAct, type DeskKey, type DeskState } from './deskKeys'
import { causesOfFault, FAULT_KEYS, faultsOf, faultWords, REJECT_REASONS } from './fault'
import { checkAfter } from './checkAfter'
import {
  callMeeting,
  mayBeForgotten,
  meetingAt,
  runningStep,
  liftDuring,
  secondsLeft,
  takenOnRail,
  type PlannedSegment,
} from './meeting'

const PLATE: PlannedSegment[] = [
  { step: 'Ink', seconds: 200 },
  { step: 'Tarlatan', seconds: 100 },
]
const SHEET: PlannedSegment[] = [
  { step: 'Lift', seconds: 15 },
  { step: 'Drain', seconds: 120 },
  { step: 'Blot', seconds: 60 },
]
const rail = (planned: PlannedSegment[], begun: number[] = []) => ({ planned, begun })

describe('plate and sheet', () => {
  it('are both ready when the sheet is lifted at the moment that is called', () => {
    expect(callMeeting(rail(PLATE), rail(SHEET), 0, 4).words).toBe('Ink the plate; lift sheet 4 1:45 after')
    expect(callMeeting(rail(PLATE, [0]), rail(SHEET), 5_000, 4).words).toBe('Lift sheet 4 in 1:40')
    expect(callMeeting(rail(PLATE, [0]), rail(SHEET), 105_000, 4).words).toBe('Lift sheet 4 now')
    expect(callMeeting(rail(PLATE, [0]), rail(SHEET), 190_000, 4).words).toBe(
      'Lift sheet 4 now: the plate waits 1:25',
    )
  })
  it('that will not meet are told which of them is ahead', () => {
    expect(callMeeting(rail(PLATE, [0]), rail(SHEET, [0]), 10_000, 4).words).toBe(
      'The sheet is 1:45 ahead: keep it under plastic',
    )
    expect(callMeeting(rail(PLATE, [0, 200_000]), rail(SHEET, [280_000]), 290_000, 4).words).toBe(
      'The plate is 2:55 ahead: keep it warm',
    )
    expect(
      callMeeting(rail(PLATE, [0, 200_000]), rail(SHEET, [105_000, 120_000, 240_000]), 301_000, 4).words,
    ).toBe('They meet: lay the sheet and pull')
  })
  it('lifted when it is called, whatever the plans, meet to the second (property)', () => {
    const plan = fc.array(
      fc.record({ step: fc.constant('step'), seconds: fc.integer({ min: 1, max: 600 }) }),
      { minLength: 1, maxLength: 6 },
    )
    fc.assert(
      fc.property(plan, plan, fc.integer({ min: 0, max: 60 }), (plate, sheet, seconds) => {
        const call = callMeeting(rail(plate, [0]), rail(sheet), seconds * 1000, 1)
        fc.pre(call.inSeconds !== null)
        const lift = seconds * 1000 + call.inSeconds! * 1000
        expect(secondsLeft(plate, [0], seconds * 1000) - call.inSeconds!).toBeCloseTo(
          secondsLeft(sheet, [lift], lift),
          6,
        )
      }),
    )
  })
  it('count the step that runs, and by how much it is over', () => {
    expect(runningStep(PLATE, [], 5)).toBeNull()
    expect(runningStep(PLATE, [0], 95_400)).toBe('1:45 Ink')
    expect(runningStep(PLATE, [0], 140_400)).toBe('1:00 Ink')
    expect(runningStep(PLATE, [0, 200_000], 312_000)).toBe('+0:12 Tarlatan')
  })
  it('leave only the starts of their segments; what each took follows', () => {
    const meeting = meetingAt({ plate: rail(PLATE, [0, 210_000]), sheet: rail(SHEET, [100_000]) }, 300_000)
    expect(meeting.map(({ rail: on, step, secondsBefore }) => [on, step, secondsBefore])).toEqual([
      ['plate', 'Ink', 300],
      ['plate', 'Tarlatan', 90],
      ['sheet', 'Lift', 200],
    ])
    expect(takenOnRail(meeting, 'plate').map(({ takenSeconds }) => takenSeconds)).toEqual([210, 90])
  })
  it('a long gap asks whether a pull was forgotten', () => {
    const pulls = [0, 10, 20, 31].map((minute) => minute * 60_000)
    expect(mayBeForgotten(pulls, 46 * 60_000)).toBe(false)
    expect(mayBeForgotten(pulls, 48 * 60_000)).toBe(true)
    expect(mayBeForgotten(pulls.slice(0, 3), 480 * 60_000)).toBe(false)
  })
})

/** Plays keys from the start of a pull. */
function play(keys: DeskKey[], from: DeskState = DESK_START): { state: DeskState; acts: DeskAct[] } {
  return keys.reduce<{ state: DeskState; acts: DeskAct[] }>(
    ({ state, acts }, key) => {
      const next = pressKey(state, key)
      return { state: next.state, acts: next.act ? [...acts, next.act] : acts }
    },
    { state: from, acts: [] },
  )
}

describe('the keys of the desk', () => {
  it('0, Enter, Enter: pulled, stamped, matches', () => {
    const { state, acts } = play(['enter', 'enter', '0', 'enter', 'enter'])
    expect(acts.map(({ kind }) => kind)).toEqual(['next-segment', 'next-segment', 'pull', 'stamp', 'decide'])
    expect(acts.at(-1)).toMatchObject({ decision: 'accepted', seen: 'same' })
    expect(state).toEqual(DESK_START)
  })
  it('a fault is two keys, where and what, and * with Enter rejects for it', () => {
    const { acts } = play(['0', 'enter', 'minus', '7', '8', 'star', 'enter'])
    expect(acts.at(-1)).toEqual({
      kind: 'decide',
      decision: 'rejected',
      seen: 'lighter',
      faults: [{ where: 7, what: 'starved' }],
      reason: 'starved',
      fate: 'destroyed',
    })
    expect(play(['0', 'enter', 'star', '4']).acts.at(-1)).toMatchObject({ reason: 'other', fate: 'set-up' })
  })
  it('a late stamp is shifted back by minutes, never into the future', () => {
    expect(play(['0', 'minus', 'minus', 'plus']).state.shiftMinutes).toBe(-1)
    expect(play(['0', 'plus']).state.shiftMinutes).toBe(0)
  })
  it('a third key says what a fault came from; any key that is no digit goes on without', () => {
    const kept = (keys: DeskKey[]) => play(['0', 'enter', '6', '6', ...keys]).acts.at(-1)
    expect(kept(['2', 'enter'])).toMatchObject({ faults: [{ where: 6, what: 'shifted', cause: 'crept' }] })
    expect(kept(['enter'])).toMatchObject({ decision: 'accepted', faults: [{ where: 6, what: 'shifted' }] })
    expect(kept(['0', 'minus', 'enter'])).toMatchObject({ seen: 'lighter', faults: [{ what: 'shifted' }] })
    // No fourth cause of a shift: the key does nothing.
    expect(play(['0', 'enter', '6', '6', '4']).state.phase).toBe('cause')
    expect(play(['0', 'enter', '6', '6', 'back']).state).toMatchObject({ phase: 'judge', faults: [] })
  })
  it('Backspace undoes one key after another back to the meeting (property)', () => {
    const judged = fc.array(fc.constantFrom<DeskKey>('minus', 'plus', '1', '5', '9', 'star'), {
      maxLength: 12,
    })
    fc.assert(
      fc.property(judged, (keys) => {
        const { state } = play([
          '0',
          'enter',
          ...keys.filter((key, i) => key !== 'star' || i === keys.length - 1),
        ])
        const back = play(new Array<DeskKey>(30).fill('back'), state)
        expect(back.state).toEqual(DESK_START)
        expect(back.acts.filter(({ kind }) => kind === 'unpull')).toHaveLength(1)
      }),
    )
  })
  it('asks one check before the next pull, of the last fault', () => {
    expect(checkAfter(null)).toBeNull()
    expect(checkAfter({ where: 9, what: 'dirty edge' })).toBe('dirty edge, top right: Bevels and back wiped?')
    expect(checkAfter({ where: 6, what: 'shifted', cause: 'crept' })).toBe(
      'shifted (crept, the blanket pushed), right: Dry blankets, trapped under the roller; less pressure, or fewer blankets',
    )
    expect(faultWords({ where: 9, what: 'dirty edge' })).toBe('dirty edge, top right')
    expect(causesOfFault('shifted')).toEqual(['slurred', 'crept', 'out-of-register'])
    expect(causesOfFault('other')).toEqual([])
    expect(Object.values(FAULT_KEYS).toSorted()).toEqual(REJECT_REASONS.toSorted())
  })
  it('of a stuck-on piece is key 0, and only where pieces are laid', () => {
    const at5: DeskState = { ...DESK_START, phase: 'fault', where: 5 }
    expect(pressKey(at5, '0').state).toEqual(at5)
    const piece = pressKey(at5, '0', true).state
    expect(piece.phase).toBe('cause')
    const said = pressKey(piece, '1', true).state.faults
    expect(said).toEqual([{ where: 5, what: 'piece', cause: 'piece-missing' }])
    expect(faultWords(said[0])).toBe('chine collé (piece missing), middle')
    expect(faultsOf(false).map(([what]) => what)).not.toContain('piece')
    expect(faultsOf(true)).toContainEqual(['piece', 'chine collé'])
  })
})

describe('when the sheet is lifted', () => {
  const steps = (...seconds: number[]) => seconds.map((one, i) => ({ step: `step ${i}`, seconds: one }))
  it('is counted back from the end of the plate', () => {
    expect(liftDuring(steps(60, 90), steps(100))).toEqual({ at: 0, afterSeconds: 50 })
    expect(liftDuring(steps(60, 90), steps(90))).toEqual({ at: 1, afterSeconds: 0 })
    expect(liftDuring(steps(60, 90), steps(150))).toEqual({ at: 0, afterSeconds: 0 })
    expect(liftDuring(steps(60), steps(61))).toBeNull()
    expect(liftDuring([], steps(0))).toBeNull()
  })
  it('leaves both ready together, second by second (property, by walking the plate)', () => {
    const some = fc.array(fc.integer({ min: 1, max: 200 }), { minLength: 1, maxLength: 20 })
    fc.assert(
      fc.property(some, fc.integer({ min: 1, max: 600 }), (plate, sheet) => {
        const lift = liftDuring(steps(...plate), steps(sheet))
        const whole = plate.flatMap((seconds, i) => new Array<number>(seconds).fill(i))
        if (!lift) {
          expect(whole.length).toBeLessThan(sheet)
          return
        }
        expect(lift.at).toBe(whole[whole.length - sheet])
        expect(lift.afterSeconds).toBe(whole.length - sheet - whole.indexOf(lift.at))
      }),
    )
  })
})
