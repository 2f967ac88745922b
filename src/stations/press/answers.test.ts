import { describe, expect, it } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { carriedTurns, pressAnswer, refusedWords, type PressAsked } from './answers'

const { press } = sampleSettings
const asked: PressAsked = {
  isByHand: false,
  share: { left: 100, right: 104 },
  carried: null,
  doubt: null,
  gapMm: 6,
  isHeld: true,
}

describe('what the press says first', () => {
  it('asks for the press, then for blankets', () => {
    expect(pressAnswer({ ...press, pressId: '' }, asked).asks?.anchor).toBe('press-choice')
    expect(pressAnswer({ ...press, pack: [] }, asked).asks?.anchor).toBe('press-pack')
  })
  it('says where the screws are, and how that is beside the BAT', () => {
    expect(pressAnswer(press, asked)).toEqual({
      says: 'Both screws at 3 turns',
      because: '102 % of the BAT’s pressure, by our model of the blankets. The gap is 6 mm.',
      sum: [
        { label: 'Gap between roller and bed', value: '6 mm' },
        { label: 'Pressure at left, BAT = 100 %', value: '100 %' },
        { label: 'Pressure at right', value: '104 %' },
      ],
    })
    expect(pressAnswer({ ...press, readingRight: 2.75 }, { ...asked, isHeld: false }).says).toBe(
      'Left screw at 3 turns, right at 2 3/4 turns',
    )
  })
  it('says what to turn where something under the roller is otherwise', () => {
    const carried = { turns: 2.75, changed: ['a paper of another caliper'] }
    expect(pressAnswer(press, { ...asked, carried })).toEqual({
      says: 'Tighten both screws 1/4 turn, to 2 3/4 turns',
      because: 'Not as at the BAT: a paper of another caliper. There the pressure is the BAT’s again.',
    })
    expect(pressAnswer({ ...press, readingLeft: 2.75, readingRight: 2.75 }, { ...asked, carried }).says).toBe(
      'Both screws at 2 3/4 turns',
    )
  })
  it('says what speaks against the setting before what it compares to', () => {
    expect(pressAnswer(press, { ...asked, doubt: 'Nothing is pressed.' })).toEqual({
      says: '◆ Both screws at 3 turns: not yet right',
      because: 'Nothing is pressed.',
    })
  })
  it('has nothing to turn by hand', () => {
    expect(pressAnswer({ ...press, passes: 2 }, { ...asked, isByHand: true }).says).toBe(
      'Rub from the middle outward, 2 passes',
    )
  })
  it('carries the BAT’s pressure over to an eighth', () => {
    const one = {
      ok: true as const,
      turns: 2.71,
      gapMm: 5.4,
      byTurns: -0.3,
      sdTurns: 0.1,
      mostFrom: 'the felts',
      changed: ['other blankets'],
    }
    expect(carriedTurns(one, 0)).toEqual({ turns: 2.75, changed: ['other blankets'] })
    expect(carriedTurns(one, -0.1)?.turns).toBe(2.625)
    expect(carriedTurns(null, 0)).toBeNull()
    expect(refusedWords(one)).toBeNull()
    expect(
      refusedWords({ ok: false, message: 'cannot be had', makeReadyMm: null, changed: ['another press'] }),
    ).toBe('Another press: the BAT’s pressure cannot be had.')
    expect(
      carriedTurns({ ok: false, message: 'cannot be had', makeReadyMm: null, changed: [] }, 0),
    ).toBeNull()
  })
})
