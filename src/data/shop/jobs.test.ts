import { describe, expect, it } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { approveBat } from '../prove/bats'
import { ConflictError, NotFoundError } from '../database/errors'
import { createJob, declareEditionSize, listJobs, loadJob, restoreBench, saveStation } from './jobs'
import { openNextState, setStatePicture } from '../plate/plateStates'
import { freeSlug, slugify } from '../database/slug'
import { approvedJob, at, benchedJob, pull, openWorkshop } from './workshop.test.fixture'

openWorkshop()

describe('addresses', () => {
  it.each([
    ['The pilot’s window', 'the-pilot-s-window'],
    ['Épreuve d’état', 'epreuve-d-etat'],
    ['潮', 'untitled'],
  ])('%s', (name, slug) => expect(slugify(name)).toBe(slug))
  it('takes the next free one', async () =>
    expect(await freeSlug('Tide', async (slug) => slug !== 'tide-3')).toBe('tide-3'))
})

describe('jobs', () => {
  it('begins with an empty bench, and two of one title have two addresses', async () => {
    const first = await createJob({ title: 'Tide', artist: 'Ida Quill', editionSize: 5 }, at())
    const second = await createJob({ title: 'Tide', artist: 'Ida Quill', editionSize: 5 }, at())
    expect([first.slug, second.slug]).toEqual(['tide', 'tide-2'])
    expect((await loadJob('tide')).runs).toHaveLength(1)
  })
  it.each([
    [{ title: ' ', artist: 'x', editionSize: 1 }, 'title'],
    [{ title: 'x', artist: 'x', editionSize: 0 }, 'editionSize'],
    [{ title: 'x', artist: 'x', editionSize: 2.5 }, 'editionSize'],
  ])('refuses %j at its field', async (input, field) => {
    await expect(createJob(input, at())).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: [field] })],
    })
    expect(await listJobs()).toEqual([])
  })
  it('says when a job is not here', async () =>
    await expect(loadJob('nowhere')).rejects.toBeInstanceOf(NotFoundError))

  it('keeps a station, and tells the later of two windows without overwriting', async () => {
    const job = await benchedJob()
    await saveStation(
      job.id,
      job.revision,
      'register',
      { ...sampleSettings.register, bottomToTop: 1.5 },
      at(),
    )
    await expect(
      saveStation(job.id, job.revision, 'register', { ...sampleSettings.register, bottomToTop: 2 }, at()),
    ).rejects.toBeInstanceOf(ConflictError)
    expect((await loadJob(job.slug)).runs[0].bench.register?.bottomToTop).toBe(1.5)
  })
  it('refuses a plate larger than its sheet, a negative size, and a state nobody opened', async () => {
    const job = await benchedJob()
    const save = (plate: object) =>
      saveStation(job.id, job.revision, 'plate', { ...sampleSettings.plate, ...plate }, at())
    await expect(save({ widthMm: 900 })).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'widthMm' })],
    })
    await expect(save({ widthMm: -1 })).rejects.toMatchObject({
      issues: [expect.objectContaining({ path: ['widthMm'] })],
    })
    await expect(save({ state: 7 })).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'state' })],
    })
    expect((await loadJob(job.slug)).revision).toBe(job.revision)
  })
  it('goes back to earlier settings, but not to an earlier state of the plate', async () => {
    const job = await benchedJob()
    const revision = await openNextState(job.id, job.revision, 'Scraped the sky.', at(1))
    const worked = await loadJob(job.slug)
    expect(worked.plateStates.map(({ state, note }) => [state, note])).toEqual([
      [1, ''],
      [2, 'Scraped the sky.'],
    ])
    await expect(restoreBench(job.id, revision, sampleSettings)).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'state' })],
    })
    await restoreBench(job.id, revision, { ...sampleSettings, plate: worked.runs[0].bench.plate })
  })
  it('refuses a picture that was never kept', async () => {
    const job = await benchedJob()
    await expect(setStatePicture(job.id, job.revision, 1, 'forged')).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'imageId' })],
    })
  })
})

describe('the shelf of jobs', () => {
  it('counts what stands now: a decision amended counts once', async () => {
    expect(await listJobs()).toEqual([])
    const job = await approvedJob(1)
    await pull(job, 'e1', 'edition', 'set-aside')
    await pull(job, 'e2', 'edition', 'accepted')
    expect(await listJobs()).toMatchObject([
      { slug: 'mooring-posts', phase: 'sorting', proofs: 1, accepted: 1, rejected: 0, imageId: null },
    ])
  })
})

describe('the BAT', () => {
  it('copies the proof, sets the bench to it, and wants a reason for a second version', async () => {
    const job = await approvedJob()
    expect(job.bats).toMatchObject([{ version: 1, runs: [{ settings: sampleSettings }] }])
    const again = { proofPullId: 'proof-1', tolerances: {}, approvedBy: 'Ida Quill', reason: '' }
    await expect(approveBat(job.id, job.revision, again, at(11))).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'reason' })],
    })
    await approveBat(job.id, job.revision, { ...again, reason: 'Wider in the sky.' }, at(11))
    expect((await loadJob(job.slug)).bats.map(({ version }) => version)).toEqual([1, 2])
  })
  it('refuses a proof of a state the plate has left, and tolerances of settings that are not there', async () => {
    const job = await pull(await benchedJob(), 'proof-1')
    const approval = {
      proofPullId: 'proof-1',
      tolerances: { 'press.moon': 1 },
      approvedBy: 'Ida Quill',
      reason: '',
    }
    await expect(approveBat(job.id, job.revision, approval, at(11))).rejects.toMatchObject({
      problems: [{ field: 'tolerances.press.moon', message: expect.any(String) }],
    })
    const revision = await openNextState(job.id, job.revision, '', at(2))
    await expect(approveBat(job.id, revision, { ...approval, tolerances: {} }, at(11))).rejects.toThrow(
      'state 1',
    )
  })
})

describe('the size of the edition', () => {
  it('is declared until numbers are given, as a whole number', async () => {
    const job = await benchedJob()
    await expect(declareEditionSize(job.id, job.revision, 1.5)).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'editionSize' })],
    })
    await declareEditionSize(job.id, job.revision, 9)
    expect((await loadJob(job.slug)).editionSize).toBe(9)
  })
})
