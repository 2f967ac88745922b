import { expect, it } from 'vitest'
import { dayAnswer } from './answers'
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
