import { describe, expect, it } from 'vitest'
import { dayAnswer, queueAnswer } from './answers'
import { fieldMoment, readDayWish, usualWish, type WishedDay } from './dayWish'

const DAY = new Date(2031, 4, 2)
const wish = usualWish({ pullsToCome: 6, dampMinutes: 45 }, null, DAY)
const day = readDayWish(wish) as WishedDay
const write = (minutes: number) => `${Math.round(minutes)}′`
const asked = { isLatest: false, ends: null, write }

it('says when a day begins and ends, and how sure that is', () => {
  expect(dayAnswer(null, asked).says).toContain('No start')
  const { plan } = day
  expect(dayAnswer(day, asked).says).toBe(
    `First pull ${write(plan.sheets[0].pullAt)}, clean by ${write(plan.endAt)}`,
  )
  expect(dayAnswer(day, asked).because).toContain('6 pulls, one every')
})

it('says the latest start where the end is given, and by how much a day is too long', () => {
  const late = readDayWish({ ...wish, given: 'finish', finishField: fieldMoment(DAY, 22, 0) }) as WishedDay
  const ends = Float64Array.from([late.finishMinute! - 5, late.finishMinute! + 5])
  const answer = dayAnswer(late, { isLatest: true, ends, write })
  expect(answer.says).toBe('Start at 0′ at the latest')
  expect(answer.because).toContain('50 days in 100 end by')
  expect(dayAnswer({ ...late, over: 40 }, { ...asked, isLatest: true }).says).toMatch(
    /^◆ 40 min too long for/,
  )
})

describe('what the press queue says first', () => {
  it('asks who prints, then says who is up and when all are through', () => {
    expect(queueAnswer(null).says).toBe('Who prints today?')
    const queue = {
      first: { name: 'Ash', pressFrom: 20 },
      people: 3,
      presses: 1,
      isExact: true,
      at: (minute: number) => `10:${String(minute).padStart(2, '0')}`,
      endMinutes: 46,
    }
    expect(queueAnswer(queue)).toEqual({
      says: 'Ash is up at 10:20; all are through at 10:46',
      because: '3 people, 1 press. No order ends sooner.',
    })
  })
})
