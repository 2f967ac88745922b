import { describe, expect, it } from 'vitest'
import { turnsScale, USUAL_SCALES } from '@/core/press/usualScales'
import { blanketsAnswer, pressCardAnswer } from './cardAnswers'

const quiet = { due: [], remarks: [], driftTurns: null }

describe('what a press wants', () => {
  it('wants its zero before anything else, unless it is a hand’s', () => {
    expect(pressCardAnswer(quiet, null, turnsScale(2)).says).toBe('Set its zero first')
    expect(pressCardAnswer(quiet, null, USUAL_SCALES.hand).says).toBe('Nothing is due at this press')
  })
  it('names what drifted before what is due', () => {
    const due = [{ task: 'grease' as never, label: 'Grease the screws', overdueDays: null }]
    expect(pressCardAnswer({ ...quiet, due, remarks: ['Zero it anew.'] }, '2 May', turnsScale(2)).says).toBe(
      'Zero it anew',
    )
    expect(pressCardAnswer({ ...quiet, due }, '2 May', turnsScale(2)).says).toBe('Due: grease the screws')
    expect(pressCardAnswer({ ...quiet, due: [...due, ...due] }, '2 May', turnsScale(2)).says).toBe(
      'Due: grease the screws, and 1 more',
    )
    expect(pressCardAnswer(quiet, '2 May', turnsScale(2)).because).toContain('Zero set 2 May')
  })
})

describe('what the blankets want', () => {
  it('names those that want something, or how many want nothing', () => {
    expect(blanketsAnswer([]).says).toBe('Measure your first blanket')
    expect(blanketsAnswer([{ name: 'Catcher', remarks: [] }]).says).toBe('Nothing to do for 1 blanket')
    expect(
      blanketsAnswer([
        { name: 'Catcher', remarks: ['Stiff with size: wash it.'] },
        { name: 'Pusher', remarks: [] },
      ]),
    ).toEqual({ says: 'Look at Catcher', because: 'Catcher: stiff with size: wash it.' })
  })
})
