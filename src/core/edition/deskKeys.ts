import type { EyeReading } from './pull'
import type { Fate } from './pullKinds'
import { causesOfFault, FAULT_KEYS, type Fault, type Ninth } from './fault'

/** Keys of the desk, named for what is printed on a keypad. */
export type DeskKey = 'enter' | 'back' | 'plus' | 'minus' | 'dot' | 'star' | `${0 | Ninth}`

/** Fates of a reject by their keys. */
export const FATE_KEYS: Partial<Record<DeskKey, Fate>> = {
  1: 'destroyed',
  2: 'reworked',
  3: 'template',
  4: 'set-up',
}

/**
 * Where the desk stands in one pull: the meeting before it, the moment to copy onto the sheet, the judging, and the two that ask
 * for a second key.
 */
export type DeskPhase = 'meeting' | 'moment' | 'judge' | 'fault' | 'cause' | 'reject'

/** What the desk knows of the pull in hand, between keys. */
export interface DeskState {
  phase: DeskPhase
  /** minutes the stamp was shifted by */
  shiftMinutes: number
  seen: EyeReading | null
  where: Ninth | null
  faults: Fault[]
}

export const DESK_START: DeskState = {
  phase: 'meeting',
  shiftMinutes: 0,
  seen: null,
  where: null,
  faults: [],
}

/** What a key asks the shell to do. */
export type DeskAct =
  | { kind: 'next-segment' }
  | { kind: 'other-rail' }
  | { kind: 'segment-back' }
  | { kind: 'pull' }
  | { kind: 'unpull' }
  | { kind: 'stamp' }
  | {
      kind: 'decide'
      decision: 'accepted' | 'set-aside' | 'rejected'
      seen: EyeReading | null
      faults: Fault[]
      reason: string
      fate: Fate | null
    }

/** A stamp is shifted by at most this many minutes. */
const MOST_SHIFT = 60

/**
 * One key at the desk. Before the pull: Enter next segment, `.` next segment of the other rail, 0 pulled, back one segment. At the
 * moment: + and − shift the stamp by a minute, Enter goes on to judge. Judging: − lighter, + darker, Enter matches and accepts,
 * `.` sets aside, a digit is where a fault is, the next digit what (0: a piece of chine collé), and a third what it came from (0: not known; any other key goes on),
 * `*` then Enter or 1–4 rejects; Backspace goes back always.
 *
 * @param hasPieces thin paper is stuck on with the pull
 * @returns the state after the key, and what is to be done, if anything
 */
export function pressKey(
  state: DeskState,
  key: DeskKey,
  hasPieces = false,
): { state: DeskState; act: DeskAct | null } {
  const stay = { state, act: null }
  const to = (patch: Partial<DeskState>, act: DeskAct | null = null) => ({
    state: { ...state, ...patch },
    act,
  })
  const digit = /^[1-9]$/.test(key) ? (Number(key) as Ninth) : null
  if (state.phase === 'meeting') {
    if (key === 'enter') return { state, act: { kind: 'next-segment' } }
    if (key === 'dot') return { state, act: { kind: 'other-rail' } }
    if (key === 'back') return { state, act: { kind: 'segment-back' } }
    if (key === '0') return { state: { ...DESK_START, phase: 'moment' }, act: { kind: 'pull' } }
    return stay
  }
  if (state.phase === 'moment') {
    if (key === 'plus' || key === 'minus')
      return to({
        shiftMinutes: Math.max(-MOST_SHIFT, Math.min(0, state.shiftMinutes + (key === 'plus' ? 1 : -1))),
      })
    if (key === 'enter') return to({ phase: 'judge' }, { kind: 'stamp' })
    if (key === 'back') return { state: DESK_START, act: { kind: 'unpull' } }
    return stay
  }
  if (state.phase === 'fault') {
    const what = digit !== null || (hasPieces && key === '0') ? FAULT_KEYS[digit ?? 0] : null
    if (what !== null)
      return to({
        phase: causesOfFault(what).length > 0 ? 'cause' : 'judge',
        where: null,
        faults: [...state.faults, { where: state.where!, what }],
      })
    return key === 'back' ? to({ phase: 'judge', where: null }) : stay
  }
  if (state.phase === 'cause') {
    if (digit === null && key !== '0') return pressKey({ ...state, phase: 'judge' }, key)
    const last = state.faults.at(-1)!
    const cause = key === '0' ? undefined : causesOfFault(last.what)[Number(key) - 1]
    if (key !== '0' && !cause) return stay
    return to({ phase: 'judge', faults: [...state.faults.slice(0, -1), cause ? { ...last, cause } : last] })
  }
  if (state.phase === 'reject') {
    if (key === 'back') return to({ phase: 'judge' })
    const fate = key === 'enter' ? 'destroyed' : FATE_KEYS[key]
    const reason = state.faults.at(-1)?.what ?? 'other'
    return fate
      ? {
          state: DESK_START,
          act: { kind: 'decide', decision: 'rejected', seen: state.seen, faults: state.faults, reason, fate },
        }
      : stay
  }
  if (digit !== null) return to({ phase: 'fault', where: digit })
  if (key === 'plus') return to({ seen: 'darker' })
  if (key === 'minus') return to({ seen: 'lighter' })
  if (key === 'star') return to({ phase: 'reject' })
  if (key === 'enter')
    return {
      state: DESK_START,
      act: {
        kind: 'decide',
        decision: 'accepted',
        seen: state.seen ?? 'same',
        faults: state.faults,
        reason: '',
        fate: null,
      },
    }
  if (key === 'dot')
    return {
      state: DESK_START,
      act: {
        kind: 'decide',
        decision: 'set-aside',
        seen: state.seen,
        faults: state.faults,
        reason: '',
        fate: null,
      },
    }
  if (key === 'back') {
    if (state.faults.length > 0) return to({ faults: state.faults.slice(0, -1) })
    return state.seen ? to({ seen: null }) : to({ phase: 'moment' })
  }
  return stay
}
