import ICAL from 'ical.js'
import { describe, expect, it } from 'vitest'
import { planDay, type DaySetting } from '@/core/day/dayPlan'
import { writeDayCalendar } from './dayCalendar'

const setting: DaySetting = {
  pulls: 2,
  setUpMinutes: 30,
  inkWipeMinutes: 14,
  pullMinutes: 6,
  cleanUpMinutes: 25,
  soakMinutes: 30,
  drainMinutes: 4,
  windowMinutes: 40,
  tubSheets: 3,
  dryingPlaces: null,
}
const start = '2031-03-30T00:30:00.000Z'

describe('the day as a calendar, read by an independent parser', () => {
  const text = writeDayCalendar('Mooring posts; "edition"', 'd1', start, planDay(setting, 0))
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[])
  const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event))
  it('has every act once, at its moment', () => {
    expect(events.map(({ summary }) => summary)).toEqual([
      'Sheet 1 into the water',
      'Sheet 2 into the water',
      'Ink and wipe for pull 1',
      'Lift sheet 1',
      'Pull 1',
      'Ink and wipe for pull 2',
      'Lift sheet 2',
      'Pull 2',
    ])
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(8)
    expect(events[4].startDate.toJSDate().toISOString()).toBe('2031-03-30T01:14:00.000Z')
  })
  it('rings, and keeps to the standard: version, product, lines folded at 75 octets (RFC 5545)', () => {
    expect(calendar.getFirstPropertyValue('version')).toBe('2.0')
    expect(String(calendar.getFirstPropertyValue('prodid'))).toContain('Typothesis')
    expect(events.every((event) => event.component.getAllSubcomponents('valarm').length === 1)).toBe(true)
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75)
  })
})
