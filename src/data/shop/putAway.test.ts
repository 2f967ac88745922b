import { describe, expect, it } from 'vitest'
import { openDatabase } from '../database/database'
import { giveNumbers } from '../dry/prints'
import { createJob, listAllJobs, listJobs, loadJob } from './jobs'
import { goesAt } from '@/core/prove/placeOfJob'
import { changeJobDetails, emptyBin, layJob, offerAsTemplate } from './putAway'
import { loadReservations } from './stock'
import { approvedJob, at, benchedJob, openWorkshop, pull } from './workshop.test.fixture'

openWorkshop()

const day = (days: number) => new Date(Date.parse(at()) + days * 86_400_000).toISOString()

describe('where a job lies', () => {
  it('is off the shelf while it is put away or in the bin, and comes back as it was', async () => {
    const job = await benchedJob()
    for (const place of ['archive', 'bin'] as const) {
      await layJob(job.id, place, at())
      expect(await listJobs()).toEqual([])
      expect((await listAllJobs())[0]).toMatchObject({ id: job.id, putAway: place, putAwayAt: at() })
      await layJob(job.id, 'shelf', at())
      expect(await loadJob(job.slug)).toEqual(job)
    }
    await expect(layJob('nobody', 'bin', at())).rejects.toThrow()
  })
  it('keeps no paper back while it is off the shelf', async () => {
    const job = await approvedJob(5)
    const kept = async () => (await loadReservations()).map(({ jobId }) => jobId)
    expect(await kept()).toEqual([job.id])
    await layJob(job.id, 'archive', at())
    expect(await kept()).toEqual([])
    await layJob(job.id, 'shelf', at())
    expect(await kept()).toEqual([job.id])
  })
  it('goes for good after thirty days in the bin, with all that speaks of it, and no day before', async () => {
    const [kept, gone] = [await benchedJob(), await benchedJob()]
    await layJob(gone.id, 'bin', at())
    expect(goesAt(at())).toBe(day(30))
    expect(await emptyBin(day(29.9))).toBe(0)
    expect(await listAllJobs()).toHaveLength(2)
    expect(await emptyBin(day(30))).toBe(1)
    expect((await listAllJobs()).map(({ id }) => id)).toEqual([kept.id])
    const { tables } = await openDatabase()
    expect(await tables.runs.count({ where: { jobId: gone.id } })).toBe(0)
    expect(await loadJob(kept.slug)).toEqual(kept)
  })
  it('what was printed is put away and never goes', async () => {
    const job = await pull(await benchedJob(), 'proof-1')
    await layJob(job.id, 'bin', at())
    expect(await emptyBin(day(400))).toBe(0)
    expect((await listAllJobs())[0]).toMatchObject({ putAway: 'archive' })
    await layJob(job.id, 'shelf', at())
    expect(await loadJob(job.slug)).toEqual(job)
  })
  it('a job put away stays put away, however long', async () => {
    const { id } = await benchedJob()
    await layJob(id, 'archive', at())
    expect(await emptyBin(day(4000))).toBe(0)
    expect(await listAllJobs()).toHaveLength(1)
  })
})

describe('a template', () => {
  it('is a job that is offered where a new one is begun, wherever it lies', async () => {
    const job = await benchedJob()
    await offerAsTemplate(job.id, true, at())
    await layJob(job.id, 'archive', at())
    expect((await listAllJobs())[0].templateAt).toBe(at())
    await offerAsTemplate(job.id, false, at())
    expect((await listAllJobs())[0].templateAt).toBeNull()
    await expect(offerAsTemplate('nobody', true, at())).rejects.toThrow()
  })
})

describe('what a job is called', () => {
  it('can be said anew, with its size, and its address stays', async () => {
    const job = await benchedJob()
    await changeJobDetails(job.id, job.revision, { title: 'Withies', artist: 'Oona Fell', editionSize: 7 })
    expect(await loadJob(job.slug)).toMatchObject({ title: 'Withies', artist: 'Oona Fell', editionSize: 7 })
    await expect(
      changeJobDetails(job.id, job.revision, { title: 'Late', artist: 'Oona Fell', editionSize: 7 }),
    ).rejects.toThrow(/changed/)
  })
  it('asks no size where nobody is asked', async () => {
    const { id, slug } = await createJob({ title: 'Reeds', artist: 'Ida Quill', purpose: 'unique' }, at())
    await changeJobDetails(id, 0, { title: 'Rushes', artist: 'Ida Quill' })
    expect(await loadJob(slug)).toMatchObject({ title: 'Rushes', editionSize: 1 })
  })
  it('refuses an empty title, a missing size and a job whose numbers are given', async () => {
    const job = await benchedJob()
    await expect(
      changeJobDetails(job.id, job.revision, { title: ' ', artist: 'Ida Quill', editionSize: 2 }),
    ).rejects.toThrow()
    await expect(
      changeJobDetails(job.id, job.revision, { title: 'Reeds', artist: 'Ida Quill' }),
    ).rejects.toThrow()
    const held = await approvedJob(1)
    const last = await pull(held, 'print-1', 'edition', 'accepted')
    const sorted = [
      { pullId: 'print-1', kind: 'edition' as const },
      { pullId: 'proof-1', kind: 'BAT' as const },
    ]
    await giveNumbers(held.id, last.revision, { sorted, style: 'arabic' }, at(9))
    const { revision } = await loadJob(held.slug)
    await expect(
      changeJobDetails(held.id, revision, { title: 'Late', artist: 'Ida Quill', editionSize: 1 }),
    ).rejects.toThrow('The numbers are given')
  })
})
