import { describe, expect, it } from 'vitest'
import { poupeeAnswer, toneAnswer, wipeAnswer } from './answers'

describe('what wiping says first', () => {
  it('says time and steps, and how the last wipe was beside them', () => {
    expect(wipeAnswer(0, 0, 'light', null).asks?.anchor).toBe('wipe-method')
    expect(wipeAnswer(7, 300, 'light', null)).toMatchObject({
      says: 'Wipe 5:00 in 7 steps',
      because: 'Light film. Not wiped by the timer yet.',
    })
    expect(wipeAnswer(7, 300, 'light', 306).because).toContain('5:06, as planned')
    expect(wipeAnswer(7, 300, null, 340).because).toBe('The last wipe took 5:40, 0:40 longer than planned.')
    expect(wipeAnswer(7, 300, null, 260).because).toContain('0:40 shorter')
  })
  it('says of several inks when the sheet is lifted, counted back from the last colour', () => {
    const colours = { inks: 6, seconds: 1390, lift: { step: 'Ferry blue: rag 2', afterSeconds: 40 } }
    expect(wipeAnswer(3, 105, 'light', null, colours)).toMatchObject({
      says: 'Ink and wipe 23:10, 6 colours one by one',
      because: 'Lift the sheet during “Ferry blue: rag 2”, 0:40 in. Not wiped by the timer yet.',
    })
    expect(wipeAnswer(3, 105, 'light', 1390, { ...colours, lift: null }).because).toMatch(
      /^Lift the sheet before the first ink/,
    )
  })
  it('says the inks in their order, and the zones without one', () => {
    const risk = { mm: '28.1 mm', isLeast: true }
    expect(poupeeAnswer([], [], risk).says).toBe('Choose an ink for each zone')
    expect(poupeeAnswer(['Black', 'Blue'], [], risk)).toMatchObject({
      says: 'Ink Black, then Blue',
      because: '28.1 mm of border where colours may mix: the least there is.',
    })
    expect(poupeeAnswer(['Black'], ['Sky'], { ...risk, isLeast: false })).toMatchObject({
      says: 'One ink: Black',
      because: 'Sky takes no ink: wiped only. 28.1 mm of border where colours may mix, more than has to be.',
    })
  })
  it('says which spot is furthest off, and whether that may be', () => {
    const bat = { name: 'Proof 4', readings: { tone1: 0.2, tone3: 1.4 } }
    const pull = (tone3?: number) => ({
      name: 'Pull 11',
      readings: { tone1: 0.21, ...(tone3 ? { tone3 } : {}) },
    })
    expect(toneAnswer(null, bat).says).toBe('Nothing is pulled yet')
    expect(toneAnswer({ name: 'Pull 11', readings: {} }, bat).asks?.anchor).toBe('tone-first')
    expect(toneAnswer(pull(), null).says).toBe('Pull 11 is read')
    expect(toneAnswer(pull(1.41), bat).says).toBe('Pull 11 matches the BAT’s tone')
    expect(toneAnswer(pull(1.8), bat).says).toBe('◆ Pull 11 is 0.4 D darker than the BAT')
  })
})
