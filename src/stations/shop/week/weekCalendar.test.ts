import { expect, it } from 'vitest'
import { writeWeekCalendar } from './weekCalendar'

const NOW = '2031-05-02T09:00:00.000Z'

it('writes each entry once, folded and ended as RFC 5545 asks, with its alarm', () => {
  const text = writeWeekCalendar(
    [
      {
        day: '2031-05-03',
        weekday: 'Sat',
        entries: [
          {
            id: 'day-1',
            at: '2031-05-03T08:00:00.000Z',
            endAt: '2031-05-03T12:30:00.000Z',
            title: 'Mooring\nposts',
            words: 'Print 12 pulls',
            page: '/',
            isDue: false,
            clash: 'Samphire wants the little press',
          },
          {
            id: 'drying-1-dry',
            at: '2031-05-03T10:00:00.000Z',
            endAt: null,
            title: 'Samphire',
            words: 'Pile: 4 prints dry, take out and sort',
            page: '/drying',
            isDue: false,
            clash: null,
          },
        ],
      },
    ],
    NOW,
  )
  const lines = text.replace(/\r\n /g, '').split('\r\n')
  expect(text.split('\n').every((line) => line === '' || line.endsWith('\r') || !line.includes('\n'))).toBe(
    true,
  )
  expect(lines.filter((line) => line === 'BEGIN:VEVENT')).toHaveLength(2)
  expect(lines.filter((line) => line === 'BEGIN:VALARM')).toHaveLength(2)
  expect(lines).toContain('SUMMARY:Mooring posts: Print 12 pulls')
  expect(lines).toContain('DTSTART:20310503T080000Z')
  expect(lines).toContain('DTEND:20310503T123000Z')
  expect(lines).toContain('DTEND:20310503T101500Z')
  expect(lines).toContain('DESCRIPTION:Samphire wants the little press')
})
