import { expect, it } from 'vitest'
import { classAnswer, underWords, type ClassAsked } from './answers'

const turn = (name: string, pressFrom: number, makeReadyMm = 0) => ({
  name,
  press: 1,
  pressFrom,
  pressTo: pressFrom + 5,
  makeReadyMm,
})
const asked: ClassAsked = {
  unset: [],
  people: 3,
  turns: [turn('Ada', 15, 0.25), turn('Bo', 20)],
  printed: 1,
  isNumbered: false,
  at: (minute) => `10:${minute}`,
  jobPage: '/jobs/x',
}

it('says who is up, what lies under the plate, who is next and when all are through', () => {
  expect(classAnswer(asked)).toEqual({
    says: 'Ada: 0.25 mm under the plate',
    because: 'At press 1 at 10:15. Then Bo, 10:20. 2 to come, through at 10:25.',
  })
  expect(underWords(0)).toBe('nothing under the plate')
  expect(classAnswer({ ...asked, unset: ['ink', 'press'] })).toMatchObject({
    says: 'Before the class: Ink and Press',
    asks: { page: '/jobs/x/ink' },
  })
  expect(classAnswer({ ...asked, people: 0, turns: [] }).says).toBe('List who prints')
  expect(classAnswer({ ...asked, turns: [] })).toMatchObject({
    says: 'Everyone is through: 1 print',
    asks: { page: '/jobs/x/dry' },
  })
  expect(classAnswer({ ...asked, isNumbered: true }).asks?.page).toBe('/jobs/x/record')
})
