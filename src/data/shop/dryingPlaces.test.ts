import { describe, expect, it } from 'vitest'
import { addDryingPlace, changeBetween, loadDryingPlaces, takeOut } from './dryingPlaces'
import { loadJob } from './jobs'
import { layToDry } from '../dry/prints'
import { approvedJob, at, openWorkshop } from './workshop.test.fixture'

openWorkshop()

describe('where prints dry', () => {
  it('a load goes in with the drying of its job, is changed, and taken out', async () => {
    const job = await approvedJob()
    const placeId = await addDryingPlace({ name: 'Blotter press', kind: 'blotters', capacity: 5 })
    await layToDry(
      job.id,
      job.revision,
      { method: 'blotters', days: 4, by: 'Ida Quill', place: { placeId, sheets: 3 } },
      at(),
    )
    const [load] = (await loadDryingPlaces()).loads
    expect(load).toMatchObject({
      placeId,
      jobId: job.id,
      title: 'Mooring posts',
      sheets: 3,
      laidAt: at(),
      readyAt: '2031-05-06T09:00:00.000Z',
      changedAts: [],
    })
    await changeBetween(load.id, 'Ida Quill', at(60))
    expect((await loadDryingPlaces()).loads[0].changedAts).toEqual([at(60)])
    await takeOut(load.id, at(70))
    expect((await loadDryingPlaces()).loads).toEqual([])
    await expect(takeOut(load.id, at(71))).rejects.toThrow('This load')
    await expect(changeBetween(load.id, 'Ida Quill', at(71))).rejects.toThrow('This load')
  })
  it('a place that is too full refuses, and the job keeps no drying it does not have', async () => {
    const job = await approvedJob()
    const placeId = await addDryingPlace({ name: 'Rack', kind: 'rack', capacity: 2 })
    await expect(
      layToDry(
        job.id,
        job.revision,
        { method: 'rack', days: 2, by: 'Ida Quill', place: { placeId, sheets: 3 } },
        at(),
      ),
    ).rejects.toMatchObject({
      problems: [{ field: 'drying.place', message: 'Rack has 2 places free, 3 prints are to be laid' }],
    })
    expect((await loadJob(job.slug)).dryings).toEqual([])
  })
  it('two of one name are two places', async () =>
    expect(await addDryingPlace({ name: 'Rack', kind: 'rack', capacity: 2 })).not.toBe(
      await addDryingPlace({ name: 'Rack', kind: 'rack', capacity: 2 }),
    ))
})
