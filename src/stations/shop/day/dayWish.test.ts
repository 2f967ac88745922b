import { describe, expect, it } from 'vitest'
import { planDay } from '@/core/day/dayPlan'
import { fieldMoment, isMoment, readDayWish, settingOf, usualWish, type DayWish } from './dayWish'

const DAY = new Date(2031, 4, 2)
const usual = usualWish({ pullsToCome: 31, dampMinutes: 45 }, null, DAY)
const planned = (patch: Partial<DayWish> = {}) => {
  const day = readDayWish({ ...usual, ...patch })
  if (!day || day === 'no-start') throw new Error('this wish is a day')
  return day
}
const with_ = (setting: Partial<DayWish['setting']>): Partial<DayWish> => ({
  setting: { ...usual.setting, ...setting },
})

describe('a day that is wished', () => {
  it('begins with the pulls to come, a day’s worth at most, and what this job taught', () => {
    expect(usual.setting).toMatchObject({ soakMinutes: 45, inkWipeMinutes: 14, pullMinutes: 6 })
    expect(usual.setting.pulls).toBe(20)
    const learned = {
      inkWipeMinutes: 11.26,
      pullMinutes: 4.04,
      cycleMinutes: 15.3,
      from: 8,
      spread: 0.1,
    } as never
    const taught = usualWish({ pullsToCome: 2, dampMinutes: null }, learned, DAY)
    expect(taught.setting).toMatchObject({ inkWipeMinutes: 11.3, pullMinutes: 4, soakMinutes: 30 })
    expect(taught.setting.pulls).toBe(2)
  })
  it('is planned from its start, with its break where the clock has it', () => {
    const { startAt, breaks, plan, setting } = planned()
    expect(Date.parse(startAt)).toBe(new Date(2031, 4, 2, 9, 30).getTime())
    expect(breaks).toEqual([{ from: 180, to: 210 }])
    expect(plan).toEqual(planDay(setting, 0, breaks))
  })
  it('that is to end in time starts as late as it can: a minute later would be too late', () => {
    const late = planned({ given: 'finish', finishField: fieldMoment(DAY, 22, 0) })
    expect(late.over!).toBeLessThanOrEqual(1e-6)
    const [hours, minutes] = [new Date(late.startAt).getHours(), new Date(late.startAt).getMinutes()]
    const later = planned({
      startField: fieldMoment(DAY, hours, minutes + 2),
      finishField: fieldMoment(DAY, 22, 0),
    })
    expect(later.over!).toBeGreaterThan(0)
  })
  it('that is to end in time is the day it ends on, whatever start was wished before', () => {
    const next = new Date(2031, 4, 3)
    const { startAt, breaks } = planned({ given: 'finish', finishField: fieldMoment(next, 20, 0) })
    expect(new Date(startAt).getDate()).toBe(3)
    const breakAt = (of: { from: number }) => new Date(Date.parse(startAt) + 60_000 * of.from)
    expect([breakAt(breaks[0]).getDate(), breakAt(breaks[0]).getHours()]).toEqual([3, 12])
    // Past midnight: the break is that of the evening.
    const late = planned({ given: 'finish', finishField: fieldMoment(next, 1, 0), pauseAt: '20:00' })
    const evening = new Date(Date.parse(late.startAt) + 60_000 * late.breaks[0].from)
    expect([evening.getDate(), evening.getHours()]).toEqual([2, 20])
  })
  it('says how far it misses its end', () => {
    const short = planned({ finishField: fieldMoment(DAY, 11, 0) })
    expect(short.finishMinute).toBe(90)
    expect(short.over).toBeCloseTo(short.plan.endAt - 90, 9)
    expect(planned({ finishField: '' })).toMatchObject({ finishMinute: null, over: null })
  })
  it('has no start where none reaches the end', () => {
    // A break from the morning before, over the end, leaves no day to work in where the last pull begins within it.
    const endless = {
      given: 'finish',
      finishField: fieldMoment(new Date(2031, 4, 3), 9, 0),
      pauseAt: '09:00',
      pauseMinutes: 2000,
    } as const
    const short = with_({ pulls: 1, pullMinutes: 0.5, cleanUpMinutes: 0 })
    expect(readDayWish({ ...usual, ...endless, ...short })).toBe('no-start')
  })
  it('has no break of no minutes, or at no moment', () => {
    expect(planned({ pauseMinutes: 0 }).breaks).toEqual([])
    expect(planned({ pauseMinutes: null }).breaks).toEqual([])
    expect(planned({ pauseAt: '' }).breaks).toEqual([])
  })
  it('is none while a field is wrong, and says which', () => {
    const wrong = { ...usual, ...with_({ pulls: 0 }) }
    expect(readDayWish(wrong)).toBeNull()
    expect(settingOf(wrong).problemAt('pulls')).toEqual(expect.any(String))
    expect(settingOf(wrong).problemAt('soakMinutes')).toBeUndefined()
    expect(readDayWish({ ...usual, startField: '' })).toBeNull()
    expect([isMoment(''), isMoment(usual.startField)]).toEqual([false, true])
  })
})
