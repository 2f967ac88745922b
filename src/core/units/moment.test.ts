import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  dayAndTimeOf,
  dayOf,
  isOnDay,
  isTimeZone,
  saidDayOf,
  soonOf,
  timeOf,
  weekdayOf,
  writeMoment,
} from './moment'

describe('a moment', () => {
  it('falls on the day of where somebody stands', () => {
    // Offsets of 2031-05-02 by the IANA time zone database: Lisbon +1, Auckland +12, St John’s −2:30.
    expect(dayOf('2031-05-02T23:30:00.000Z', 'Europe/Lisbon')).toBe('2031-05-03')
    expect(dayOf('2031-05-02T23:30:00.000Z', 'Etc/UTC')).toBe('2031-05-02')
    expect(dayAndTimeOf('2031-05-02T12:05:00.000Z', 'Pacific/Auckland')).toBe('2031-05-03 00:05')
    expect(dayAndTimeOf('2031-05-02T01:00:00.000Z', 'America/St_Johns')).toBe('2031-05-01 22:30')
  })
  it('is on a day or not, also where the day begins first and ends last', () => {
    expect(isOnDay('2031-05-02T23:30:00.000Z', '2031-05-03', 'Europe/Lisbon')).toBe(true)
    // Kiribati is 14 hours ahead of Greenwich, Baker Island 12 behind (IANA time zone database).
    expect(isOnDay('2031-05-02T10:00:00.000Z', '2031-05-03', 'Pacific/Kiritimati')).toBe(true)
    expect(isOnDay('2031-05-04T11:59:59.999Z', '2031-05-03', 'Etc/GMT+12')).toBe(true)
    const near = fc.date({
      min: new Date('2031-05-01T00:00:00Z'),
      max: new Date('2031-05-06T00:00:00Z'),
      noInvalidDate: true,
    })
    fc.assert(
      fc.property(
        near,
        fc.constantFrom('Pacific/Kiritimati', 'Etc/GMT+12', 'Asia/Kolkata'),
        (moment, zone) => {
          const at = moment.toISOString()
          expect(isOnDay(at, '2031-05-03', zone)).toBe(dayOf(at, zone) === '2031-05-03')
        },
      ),
    )
  })
  it('has its day of the week where somebody stands', () => {
    expect(weekdayOf('2031-05-02T23:30:00.000Z', 'Etc/UTC')).toBe('Fri')
    expect(weekdayOf('2031-05-02T23:30:00.000Z', 'Europe/Lisbon')).toBe('Sat')
  })
  it('follows the clocks when they change', () => {
    // The European Union’s clocks go back on the last Sunday of October at 01:00 UTC.
    expect(timeOf('2031-10-26T00:30:00.000Z', 'Europe/Berlin')).toBe('02:30')
    expect(timeOf('2031-10-26T01:30:00.000Z', 'Europe/Berlin')).toBe('02:30')
  })
  it('is written with its zone, and said without', () => {
    expect(writeMoment('2031-05-02T09:04:00.000Z', 'Europe/Lisbon')).toBe('2031-05-02 10:04 Europe/Lisbon')
    expect(soonOf('2031-05-02T09:04:00.000Z', 'Europe/Lisbon')).toBe('Fri 2 May, 10:04')
    expect(saidDayOf('2031-05-02T23:30:00.000Z', 'Europe/Lisbon')).toBe('3 May 2031')
    expect(timeOf('2031-05-02T23:00:00.000Z', 'Europe/Lisbon')).toBe('00:00')
  })
  it('has a zone this machine knows', () => {
    expect([isTimeZone('Europe/Lisbon'), isTimeZone('Atlantis/Main_Street'), isTimeZone('')]).toEqual([
      true,
      false,
      false,
    ])
  })
})
