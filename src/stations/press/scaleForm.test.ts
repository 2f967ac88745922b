import { describe, expect, it } from 'vitest'
import { turnsScale, USUAL_SCALES } from '@/core/press/usualScales'
import { countedFrom, knownMm, leadOf, namesOf, scaleForWay, waysFor, withNames } from './scaleForm'

describe('how a press is read', () => {
  it('offers what a press of its kind may be read by', () => {
    expect(waysFor('baren').map(([way]) => way)).toEqual(['hand'])
    expect(waysFor('kitchen-roller')[0]).toEqual(['notches', 'Numbered notches'])
  })
  it('keeps what is set of the same way, and begins as usual with another', () => {
    const mine = { ...USUAL_SCALES.notches, most: 9 }
    expect(scaleForWay('kitchen-roller', 'notches', mine)).toBe(mine)
    expect(scaleForWay('single-screw', 'gauge', mine)).toMatchObject({ id: 'gauge', sides: 1 })
    expect(scaleForWay('two-screw', 'turns', mine)).toEqual(USUAL_SCALES.turns)
  })
  it('turns counted from the blankets rise as the press is tightened, and have no gap at zero', () => {
    expect(countedFrom(turnsScale(2), 'blankets')).toMatchObject({
      heavier: 'up',
      zeroGapMm: null,
      mmPerUnit: 2,
    })
    expect(countedFrom(countedFrom(turnsScale(2), 'blankets'), 'bed')).toEqual(turnsScale(2))
  })
  it('needs no thread, and says what is wrong with one that is none', () => {
    expect(leadOf(' ')).toEqual({ mmPerTurn: null, problem: undefined })
    expect(leadOf('M16')).toEqual({ mmPerTurn: 2, problem: undefined })
    expect(leadOf('M17').problem).toContain('not a usual metric thread')
  })
  it('reads names parted by commas', () => {
    expect(namesOf('line, pencil mark,, hard ')).toEqual(['line', 'pencil mark', 'hard'])
    expect(withNames(USUAL_SCALES.feel, ['a', 'b']).most).toBe(1)
  })
  it('says what carries over', () => {
    expect(knownMm(turnsScale(2))).toContain('pressure carries over')
    expect(knownMm(countedFrom(turnsScale(2), 'blankets'))).toContain('the gap is not')
    expect(knownMm(USUAL_SCALES.gauge)).toContain('not measured')
  })
})
