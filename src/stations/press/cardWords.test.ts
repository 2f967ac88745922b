import { describe, expect, it } from 'vitest'
import { turnsScale } from '@/core/press/usualScales'
import { readStrips } from '@/core/press/settingRoute'
import { allPulled, driftWords, eventWords, overdueWords, stripsWords, testPrintWords } from './cardWords'

const scale = turnsScale(2)
const none = { left: null, middle: null, right: null }

describe('what a press’s card says', () => {
  it('writes down each kind of event in a line', () => {
    expect(eventWords({ kind: 'zeroed' }, scale)).toBe('zeroed, both sides on the bare bed')
    expect(eventWords({ kind: 'even-print', rightTighterTurns: -0.125 }, scale)).toBe(
      'test print even with the right 1/8 turn looser',
    )
    expect(eventWords({ kind: 'test-print', note: '', imageId: null }, scale)).toBe('test print')
    expect(eventWords({ kind: 'test-print', note: 'left pale', imageId: null }, scale)).toBe(
      'test print: left pale',
    )
    const strips = eventWords({ kind: 'strips', left: 'holds', middle: 'holds', right: 'holds' }, scale)
    expect(strips).toBe(`three strips: ${readStrips('holds', 'holds', 'holds').replace(/\.$/, '')}`)
    expect(strips).not.toMatch(/\.$/)
  })
  it('says which way the right side went since the zero, or that nobody looked', () => {
    expect(driftWords({ driftTurns: null }, scale)).toBe('no check by a print since')
    expect(driftWords({ driftTurns: 0.05 }, scale)).toBe('drift since: right 0.05 turns tighter to be even')
    expect(driftWords({ driftTurns: -0.05 }, scale)).toContain('0.05 turns looser')
  })
  it('tells upkeep never recorded from upkeep overdue', () => {
    const due = { task: 'grease' as const, label: 'Grease', overdueDays: null }
    expect(overdueWords(due)).toMatch(/^never recorded; every \d+ days/)
    expect(overdueWords({ ...due, overdueDays: 1 })).toMatch(/^1 day overdue;/)
  })
  it('reads the strips only once all three were pulled, and until then says the last ones', () => {
    const last = {
      kind: 'strips' as const,
      left: 'slips' as const,
      middle: 'slips' as const,
      right: 'slips' as const,
    }
    expect(allPulled({ ...none, left: 'holds', middle: 'holds' })).toBeNull()
    expect(stripsWords(none, null)).toMatch(/^Three strips of paper/)
    expect(stripsWords({ ...none, left: 'holds' }, last)).toBe(
      `Last: ${readStrips('slips', 'slips', 'slips')}`,
    )
    const pulled = { left: 'holds', middle: 'holds', right: 'tears' } as const
    expect(allPulled(pulled)).toEqual(pulled)
    expect(stripsWords(pulled, last)).toBe(readStrips('holds', 'holds', 'tears'))
  })
  it('dates the last test print by the workshop’s own day', () => {
    const at = '2031-05-02T23:30:00.000Z'
    expect(testPrintWords({ at, note: '', imageId: null }, 'Europe/Athens')).toContain('3 May 2031')
    expect(testPrintWords({ at, note: 'even', imageId: null }, 'Europe/London')).toMatch(/3 May 2031: even$/)
    expect(testPrintWords(null, 'Europe/London')).toMatch(/small plate/)
  })
})
