import { describe, expect, it } from 'vitest'
import { learnPressure } from '@/core/press/pressureTrials'
import { USUAL_SCALES } from '@/core/press/usualScales'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { carriedReading, pressAnswer, startAnswer, refusedWords, type PressAsked } from './answers'

const { press } = sampleSettings
const asked: PressAsked = {
  handKind: null,
  share: { left: 100, right: 104 },
  carried: null,
  doubt: null,
  gapMm: 6,
  isHeld: true,
}

describe('what the press says first', () => {
  it('asks for the press, then for blankets', () => {
    expect(pressAnswer({ ...press, pressId: '' }, asked).asks?.anchor).toBe('press-choice')
    expect(pressAnswer({ ...press, packName: '', pack: [] }, asked).asks?.anchor).toBe('press-pack')
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
    const carried = { reading: 2.75, changed: ['a paper of another caliper'] }
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
    expect(pressAnswer({ ...press, passes: 2 }, { ...asked, handKind: 'baren' }).says).toMatch(
      /^Rub from the middle outward, 2 passes/,
    )
  })
  it('carries the BAT’s pressure over to an eighth', () => {
    const one = {
      ok: true as const,
      reading: 2.71,
      gapMm: 5.4,
      tighterBy: 1.2,
      sd: 0.4,
      mostFrom: 'the felts',
      changed: ['other blankets'],
    }
    expect(carriedReading(one, press.scale, null)).toEqual({ reading: 2.75, changed: ['other blankets'] })
    expect(
      carriedReading(one, press.scale, { ...learnPressure([], press.scale), trials: 1, tighterBy: 0.4 })
        ?.reading,
    ).toBe(2.625)
    expect(carriedReading(null, press.scale, null)).toBeNull()
    expect(refusedWords(one)).toBeNull()
    expect(
      refusedWords({ ok: false, message: 'cannot be had', makeReadyMm: null, changed: ['another press'] }),
    ).toBe('Another press: the BAT’s pressure cannot be had.')
    expect(
      carriedReading(
        { ok: false, message: 'cannot be had', makeReadyMm: null, changed: [] },
        press.scale,
        null,
      ),
    ).toBeNull()
  })
  it('says a press in its own readings, and what nobody measured', () => {
    const notched = { ...press, scale: USUAL_SCALES.notches, readingLeft: 3, readingRight: 3 }
    const unknown = { ...asked, share: { left: null, right: null }, gapMm: null, isHeld: false }
    expect(pressAnswer(notched, unknown)).toMatchObject({
      says: 'Notch 3',
      because: 'The print says whether that is right: say so below, and the next setting is named.',
    })
    const felt = { ...notched, scale: USUAL_SCALES.feel, readingLeft: 1, readingRight: 1 }
    expect(pressAnswer(felt, unknown).says).toBe('Set at “usual”')
    const later = [{ left: 2, right: 2 }]
    expect(pressAnswer({ ...notched, passes: 2, laterPasses: later }, unknown).says).toBe(
      'Notch 3, then notch 2',
    )
    const packed = { ...press, scale: USUAL_SCALES.fixed, readingLeft: 0, readingRight: 0 }
    expect(pressAnswer({ ...packed, makeReadyMm: 0.25 }, unknown).says).toBe(
      'Packed with 0.25 mm under the plate',
    )
    const carried = { reading: 4, changed: ['other blankets'] }
    expect(pressAnswer(notched, { ...unknown, carried }).says).toBe('Tighten 1 notch, to notch 4')
  })
  it('begins where another job printed well, until it stands there', () => {
    const { plate, paper } = sampleSettings
    const start = {
      from: { jobId: 'a', name: 'Ferns', under: { press, plate, paper } },
      reading: 2.75,
      makeReadyMm: 0.4,
      how: 'as-there' as const,
      apart: ['0.4 mm thinner plate'],
      off: null,
    }
    expect(startAnswer(press, start)?.says).toBe('Start at 2 3/4 turns, 0.4 mm under the plate')
    expect(
      startAnswer({ ...press, readingLeft: 2.75, readingRight: 2.75, makeReadyMm: 0.4 }, start),
    ).toBeNull()
  })
})
