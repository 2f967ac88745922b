import { expect, it } from 'vitest'
import { planDay } from '@/core/day/dayPlan'
import { sampleDay } from '@/core/day/sampleDay.test.fixture'
import { loadBookings } from './bookings'
import { beginDay } from './days'
import { keepQueue } from './queues'
import { addPress } from '../press/presses'
import { at, benchedJob, openWorkshop } from './workshop.test.fixture'

openWorkshop()

it('reads printing days with their press, and queues, until they are a day old', async () => {
  const { id, slug, title, runs } = await benchedJob()
  const { press } = runs[0].bench
  const setting = { ...sampleDay, pulls: 3 }
  await beginDay(id, { id: 'd1', setting, startAt: at(60), breaks: [], by: 'Tam' })
  await keepQueue(
    'Open day',
    {
      people: [{ name: 'Ash', prepMinutes: 20, pressMinutes: 6, thicknessMm: 1 }],
      places: 1,
      presses: 1,
      order: 'soonest',
    },
    at(600),
    'Tam',
  )
  const [day, queue] = await loadBookings(at())
  expect(day).toEqual({
    id: 'd1',
    title,
    page: `/jobs/${slug}/paper/day`,
    pressId: press!.pressId,
    pressName: press!.name,
    startAt: at(60),
    endAt: at(60 + planDay(setting, 0, []).endAt),
    words: 'Print 3 pulls',
  })
  expect(queue).toMatchObject({
    title: 'Open day',
    startAt: at(600),
    endAt: at(626),
    words: '1 person at 1 press',
  })
  expect(await loadBookings(at(3 * 24 * 60))).toEqual([])
})

it('takes a queue for the one press there is, and for none where there are two', async () => {
  const people = [{ name: 'Ash', prepMinutes: 20, pressMinutes: 6, thicknessMm: 1 }]
  await keepQueue('Open day', { people, places: 1, presses: 1, order: 'soonest' }, at(), 'Tam')
  const measures = { thread: 'M16', rollerRadiusMm: 45, bedWidthMm: 400, note: '' }
  await addPress({ name: 'Bench press', ...measures })
  expect(await loadBookings(at())).toMatchObject([{ pressId: 'bench-press', pressName: 'Bench press' }])
  await addPress({ name: 'Long press', ...measures })
  expect(await loadBookings(at())).toMatchObject([{ pressId: null, pressName: null }])
})
