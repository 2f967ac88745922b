import { spawnSync } from 'node:child_process'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { addEvents } from '../across/pulls'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { syncDesk } from '../across/desk'
import { listJobs, loadJob } from '../shop/jobs'
import { loadReservations } from '../shop/stock'
import { loadJobsUnderWay } from '../shop/jobsUnderWay'
import { approvedJob, at, benchedJob, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { loadStore } from '../shop/store'
import { openDatabase, write } from './database'
import { dataFolder } from './dataFolder'
import { loadPlatesOfShop } from '../plate/platesOfShop'
import { remembered, whileUnchanged } from './remembered'

openWorkshop()

/** Everything that is remembered of jobs, as the first screen asks for it. */
async function firstScreen() {
  const jobs = await listJobs()
  const [reservations, plates, store] = await Promise.all([
    loadReservations(),
    loadPlatesOfShop(),
    loadStore(),
  ])
  return { jobs, reservations, plates, store, ...(await loadJobsUnderWay(jobs)) }
}

/** The same with nothing remembered. */
async function afresh() {
  const { memory } = await openDatabase()
  memory.clear()
  return firstScreen()
}

describe('what is remembered of the whole workshop', () => {
  it('is read again as soon as anything changes, by whomever, and not before', async () => {
    const job = await benchedJob()
    let times = 0
    const ask = () => whileUnchanged('probe', async () => (times += 1))
    expect([await ask(), await ask()]).toEqual([1, 1])
    // By a write of this process, on a connection of its own.
    await write((tables, transaction) =>
      tables.jobs.update({ title: 'Sedge' }, { where: { id: job.id }, transaction }),
    )
    expect([await ask(), await ask()]).toEqual([2, 2])
    expect((await listJobs())[0].title).toBe('Sedge')
    // By the connection that reads.
    const { tables } = await openDatabase()
    await tables.jobs.update({ title: 'Reeds' }, { where: { id: job.id } })
    expect([await ask(), await ask()]).toEqual([3, 3])
    // By another process.
    const file = path.join(dataFolder(), 'typothesis.sqlite')
    const said = spawnSync(process.execPath, [
      '-e',
      `const { Database } = require('sqlite3'); new Database(${JSON.stringify(file)}).run("UPDATE jobs SET title = 'Rushes'")`,
    ])
    expect(said.stderr.toString()).toBe('')
    expect([await ask(), await ask()]).toEqual([4, 4])
    expect((await listJobs())[0].title).toBe('Rushes')
  })
  it('is asked for again where it could not be read', async () => {
    await expect(whileUnchanged('probe', () => Promise.reject(new Error('no')))).rejects.toThrow('no')
    expect(await whileUnchanged('probe', async () => 7)).toBe(7)
  })
})

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
