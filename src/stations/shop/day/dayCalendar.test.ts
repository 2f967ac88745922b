import { sampleDay } from '@/core/day/sampleDay.test.fixture'
import fc from 'fast-check'
import ICAL from 'ical.js'
import { describe, expect, it } from 'vitest'
import { planDay } from '@/core/day/dayPlan'
import { oneLine } from '@/core/units/oneLine'
import { writeDayCalendar } from './dayCalendar'

const setting = { ...sampleDay, pulls: 2 }
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
  it('takes no orders from a title: what would begin a line of its own is in the line it stands in (property)', () => {
    const events = (title: string, id = 'd1') =>
      new ICAL.Component(ICAL.parse(writeDayCalendar(title, id, start, planDay(setting, 0))) as unknown[])
    const evil = 'Tide\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nSUMMARY:come at night\u0007'
    const read = events(evil, 'd\r\nATTACH:file')
    expect(read.getAllSubcomponents('vevent')).toHaveLength(8)
    expect(read.getAllSubcomponents('vevent')[0].getFirstPropertyValue('description')).toBe(oneLine(evil))
    expect(read.getAllSubcomponents('vevent')[0].getAllProperties('attach')).toEqual([])
    fc.assert(
      fc.property(fc.string({ unit: 'binary', minLength: 1, maxLength: 200 }), (title) => {
        const all = events(title).getAllSubcomponents('vevent')
        expect(all).toHaveLength(8)
        expect(all.every((event) => event.getAllSubcomponents('valarm').length === 1)).toBe(true)
      }),
      { numRuns: 40 },
    )
  })
  it('rings, and keeps to the standard: version, product, lines folded at 75 octets (RFC 5545)', () => {
    expect(calendar.getFirstPropertyValue('version')).toBe('2.0')
    expect(String(calendar.getFirstPropertyValue('prodid'))).toContain('Typothesis')
    expect(events.every((event) => event.component.getAllSubcomponents('valarm').length === 1)).toBe(true)
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75)
  })
})
