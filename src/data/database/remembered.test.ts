import { describe, expect, it } from 'vitest'
import { addEvents } from '../across/pulls'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { syncDesk } from '../across/desk'
import { listJobs, loadJob } from '../shop/jobs'
import { loadReservations } from '../shop/stock'
import { loadJobsUnderWay } from '../shop/jobsUnderWay'
import { approvedJob, at, benchedJob, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { openDatabase, write } from './database'
import { loadPlatesOfShop } from '../plate/platesOfShop'
import { remembered } from './remembered'

openWorkshop()

/** Everything that is remembered of jobs, as the first screen asks for it. */
async function firstScreen() {
  const jobs = await listJobs()
  const [reservations, plates] = await Promise.all([loadReservations(), loadPlatesOfShop()])
  return { jobs, reservations, plates, ...(await loadJobsUnderWay(jobs)) }
}

/** The same with nothing remembered. */
async function afresh() {
  const { memory } = await openDatabase()
  memory.clear()
  return firstScreen()
}

describe('what is remembered of a job', () => {
  it('is what would be read now, after whatever was done', async () => {
    const agree = async () => expect(await firstScreen()).toEqual(await afresh())
    await agree()
    const other = await benchedJob()
    await firstScreen()
    const job = await approvedJob(5)
    await agree()
    await pull(job, 'e1', 'edition', 'accepted')
    await agree()
    await firstScreen()
    // A desk adds without moving the job's revision.
    const entry = {
      kind: 'pull',
      id: 'desk-1',
      pullKind: 'edition',
      runPosition: 0,
      pulledAt: at(40),
      zone: 'Europe/Lisbon',
      estimated: false,
      hands: { inked: 'Ida Quill', wiped: 'Ida Quill', laid: 'Ida Quill' },
      settings: sampleSettings,
      batVersion: 1,
      by: 'Ida Quill',
      events: [{ kind: 'decision', decision: 'accepted', reason: '', fate: null }],
    }
    await syncDesk(job.slug, { entries: [entry] }, at(41))
    expect((await listJobs()).find(({ id }) => id === job.id)).toMatchObject({ accepted: 2 })
    await agree()
    await firstScreen()
    const { revision } = await loadJob(job.slug)
    const rejected = { kind: 'decision', decision: 'rejected', reason: 'crease', fate: 'destroyed' } as const
    await addEvents(
      job.id,
      revision,
      { pullId: 'e1', events: [rejected], by: 'Ida Quill', why: 'Seen when dry.' },
      at(50),
    )
    expect((await listJobs()).find(({ id }) => id === job.id)).toMatchObject({ accepted: 1, rejected: 1 })
    await agree()
    expect((await loadJobsUnderWay([other])).read).toHaveLength(1)
  })
  it('is not read again, and only the job that changed is', async () => {
    const [one, two] = [await benchedJob(), await benchedJob()]
    const asked: string[][] = []
    const ask = () =>
      remembered('probe', [one.id, two.id], async (changed) => {
        asked.push(changed)
        return new Map(changed.map((id) => [id, asked.length]))
      })
    expect([...(await ask()).values()]).toEqual([1, 1])
    expect([...(await ask()).values()]).toEqual([1, 1])
    await write((tables, transaction) =>
      tables.jobs.update({ revision: 77 }, { where: { id: two.id }, transaction }),
    )
    expect(Object.fromEntries(await ask())).toEqual({ [one.id]: 1, [two.id]: 2 })
    expect(asked).toEqual([[one.id, two.id], [two.id]])
  })
  it('that could not be read is asked for again', async () => {
    const { id } = await benchedJob()
    const none = async () => new Map<string, number>()
    expect((await remembered('probe', [id, 'nobody'], none)).size).toBe(0)
    expect((await remembered('probe', [id], async () => new Map([[id, 5]]))).get(id)).toBe(5)
  })
})
