import { sampleDay } from '@/core/day/sampleDay.test.fixture'
import { describe, expect, it } from 'vitest'

import { addDayEvent, beginDay, latestDay, takeDayEventBack } from './days'
import { keepQueue, loadQueues } from './queues'
import { at, benchedJob, openWorkshop } from './workshop.test.fixture'

openWorkshop()

const setting = { ...sampleDay, pulls: 3 }
const day = { id: 'd1', setting, startAt: at(), breaks: [{ from: 60, to: 90 }], by: 'Tam' }

describe('a printing day', () => {
  it('is begun once, and keeps what happens, each once', async () => {
    const { id } = await benchedJob()
    await beginDay(id, day)
    await beginDay(id, { ...day, by: 'another device' })
    await addDayEvent('d1', { sheet: 1, kind: 'in', at: at(10) }, 'Tam')
    await addDayEvent('d1', { sheet: 1, kind: 'in', at: at(11) }, 'Ida')
    await addDayEvent('d1', { sheet: 1, kind: 'lift', at: at(40) }, 'Tam')
    expect(await latestDay(id)).toEqual({
      day,
      events: [
        { sheet: 1, kind: 'in', at: at(10) },
        { sheet: 1, kind: 'lift', at: at(40) },
      ],
    })
  })
  it('goes back one step at a time', async () => {
    const { id } = await benchedJob()
    await beginDay(id, day)
    await addDayEvent('d1', { sheet: 1, kind: 'in', at: at(10) }, 'Tam')
    await takeDayEventBack('d1')
    await takeDayEventBack('d1')
    expect((await latestDay(id))!.events).toEqual([])
  })
  it('refuses what cannot be', async () => {
    const { id } = await benchedJob()
    expect(await latestDay(id)).toBeNull()
    await beginDay(id, day)
    await expect(addDayEvent('d1', { sheet: 9, kind: 'in', at: at() }, 'Tam')).rejects.toMatchObject({
      problems: [{ field: 'sheet', message: 'this day has 3 sheets' }],
    })
    await expect(addDayEvent('d1', { sheet: 2, kind: 'lift', at: at() }, 'Tam')).rejects.toMatchObject({
      problems: [{ field: 'sheet', message: 'sheet 2 is not in the water' }],
    })
    await expect(addDayEvent('d7', { sheet: 1, kind: 'in', at: at() }, 'Tam')).rejects.toThrow('This day')
    await expect(beginDay('nobody', { ...day, id: 'd2' })).rejects.toThrow('This job')
    await expect(beginDay(id, { ...day, id: 'd3', breaks: [{ from: 9, to: 3 }] })).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['breaks', 0, 'to'] })],
    })
  })
})

describe('the queue of an open day', () => {
  it('is kept under its name, the newest first', async () => {
    const input = {
      people: [{ name: 'Ida', prepMinutes: 10, pressMinutes: 5, thicknessMm: 1 }],
      places: 2,
      presses: 1,
      order: 'soonest' as const,
    }
    await keepQueue('Open day', input, at(), 'Tam')
    await keepQueue('Open day', input, at(60), 'Tam')
    expect((await loadQueues()).map(({ id }) => id)).toEqual(['open-day-2', 'open-day'])
    await expect(keepQueue('Bad', { ...input, places: 0 }, at(), 'Tam')).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['places'] })],
    })
  })
})
