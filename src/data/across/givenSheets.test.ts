import { describe, expect, it } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { documentJob } from '@/core/record/documentation'
import { readThrough } from '@/core/record/through'
import { giveNumbers } from '../dry/prints'
import { exportJob, importJob } from '../record/jobFiles'
import { loadCustody, movePrint } from '../record/custody'
import type { JobRecord } from '../record/jobRecord'
import { createJob, loadJob, saveStation } from '../shop/jobs'
import { approvedJob, at, newPull, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { giveBack, giveSheets, listGivingJobs, loadOfferedPrints } from './givenSheets'
import { makePull } from './pulls'
import { addRun, changeRun, markSheet, openRun } from './runs'
import { withdrawPull } from './withdrawals'

openWorkshop()

/** An edition of two, numbered. */
async function numberedEdition(): Promise<JobRecord> {
  const held = await approvedJob(2)
  const job = await pull(await pull(held, 'e1', 'edition', 'accepted'), 'e2', 'edition', 'accepted')
  await giveNumbers(
    job.id,
    job.revision,
    {
      style: 'roman',
      marking: 'numbered',
      sorted: [
        { pullId: 'e1', kind: 'edition' },
        { pullId: 'e2', kind: 'edition' },
        { pullId: 'proof-1', kind: 'BAT' },
      ],
    },
    at(60),
  )
  return loadJob(job.slug)
}

/** Single prints by somebody else, with all that they need set. */
async function singlePrints(): Promise<JobRecord> {
  const { id, slug } = await createJob({ title: 'Tide marks', artist: 'Bryn Ash', purpose: 'unique' }, at())
  let revision = 0
  for (const station of ['plate', 'ink', 'paper', 'press'] as const)
    revision = await saveStation(id, revision, station, sampleSettings[station], at())
  return loadJob(slug)
}

const BY = 'Bryn Ash'
const outside = (mark: string) => ({
  prints: { from: 'outside' as const, mark, source: 'Salt pans, by Odd Fell', imageId: null },
  by: BY,
})
const give = async (
  { id, slug }: JobRecord,
  given: Parameters<typeof giveSheets>[2],
  minute = 70,
): Promise<JobRecord> => {
  await giveSheets(id, (await loadJob(slug)).revision, given, at(minute))
  return loadJob(slug)
}

describe('a job that begins on existing prints', () => {
  it('takes numbered prints of another job and one from outside, and prints over them one by one', async () => {
    const edition = await numberedEdition()
    const single = await singlePrints()
    expect(await listGivingJobs(single.id)).toEqual([
      { slug: edition.slug, title: 'Mooring posts', prints: 3 },
    ])
    expect(
      (await loadOfferedPrints(edition.slug)).prints.map(({ mark, refused }) => [mark, refused]),
    ).toEqual([
      ['1/2', null],
      ['2/2', null],
      ['BAT', null],
    ])
    const from = { prints: { from: 'job' as const, jobId: edition.id, pullIds: ['e1'] }, by: BY }
    let job = await give(await give(single, from), outside('3/20'))
    expect(job.givenSheets.map(({ sheet, mark, source, print }) => [sheet, mark, source, print])).toEqual([
      [1, '1/2', 'Mooring posts, by Ida Quill', { jobId: edition.id, pullId: 'e1' }],
      [2, '3/20', 'Salt pans, by Odd Fell', null],
    ])
    expect(readThrough(job)).toMatchObject({ left: 2, fresh: 0, waiting: 2 })
    // The record of the edition says where the print went, and the print is not given twice.
    expect((await loadCustody(edition.id)).map(({ pullId, move }) => [pullId, move.kind, move.to])).toEqual([
      ['e1', 'overprinted', 'Tide marks'],
    ])
    await expect(give(job, from)).rejects.toMatchObject({
      problems: [{ message: '1/2: This print is printed over, as Tide marks: it must come back first.' }],
    })
    // The one from the workshop was printed an hour ago: the other is the next, until the first is dry.
    job = await pull(job, 'o1', 'edition', 'accepted')
    expect(job.pulls.at(-1)).toMatchObject({ sheet: 2, runPosition: 0 })
    await expect(makePull(job.id, job.revision, newPull('o2', 'edition'), at(80))).rejects.toMatchObject({
      problems: [{ message: expect.stringContaining('1 sheet lies less than a day') as string }],
    })
    await makePull(job.id, job.revision, newPull('o2', 'edition'), at(20 * 24 * 60))
    job = await loadJob(job.slug)
    expect(job.pulls.at(-1)!.sheet).toBe(1)
    const sheet = documentJob({ ...job, bench: job.runs[0].bench }, 'Europe/Lisbon')
    expect(sheet.sections[0].rows).toContainEqual({
      label: 'Printed over',
      value: '1/2 of Mooring posts, by Ida Quill and 3/20 of Salt pans, by Odd Fell',
    })
    expect(sheet.impressions.map(({ note }) => note)).toEqual([
      'over 3/20 of Salt pans, by Odd Fell',
      'over 1/2 of Mooring posts, by Ida Quill',
    ])
  })

  it('pulls nothing when none waits; proofs go on fresh sheets; a withdrawn pull frees its print', async () => {
    let job = await give(await singlePrints(), outside('3/20'))
    job = await pull(job, 'first')
    expect(job.pulls.at(-1)!.sheet).toBe(2)
    job = await pull(job, 'o1', 'edition', 'accepted')
    expect(job.pulls.at(-1)!.sheet).toBe(1)
    await expect(makePull(job.id, job.revision, newPull('o2', 'edition'), at(90))).rejects.toMatchObject({
      problems: [{ message: 'No existing print waits: take in another at Runs.' }],
    })
    const revision = await withdrawPull(
      job.id,
      job.revision,
      { pullId: 'o1', why: 'entered twice', by: BY },
      at(91),
    )
    await makePull(job.id, revision, newPull('o3', 'edition'), at(92))
    expect((await loadJob(job.slug)).pulls.at(-1)!.sheet).toBe(1)
  })

  it('refuses the same print twice, and any once prints were pulled on fresh sheets', async () => {
    const job = await give(await singlePrints(), outside('3/20'))
    await expect(give(job, outside('3/20'))).rejects.toMatchObject({
      problems: [{ field: 'mark', message: '3/20 of Salt pans, by Odd Fell is here already.' }],
    })
    const fresh = await pull(await approvedJob(3), 'e1', 'edition', 'accepted')
    await expect(give(fresh, outside('3/20'))).rejects.toMatchObject({
      problems: [{ field: 'prints', message: expect.stringContaining('fresh sheets') as string }],
    })
  })

  it('gives a print back while nothing was done to it, and its own job knows it is there again', async () => {
    const edition = await numberedEdition()
    const from = { prints: { from: 'job' as const, jobId: edition.id, pullIds: ['e1', 'e2'] }, by: BY }
    let job = await give(await singlePrints(), from)
    await giveBack(job.id, job.revision, 2, BY, at(71))
    job = await loadJob(job.slug)
    expect(job.givenSheets.map(({ mark }) => mark)).toEqual(['1/2'])
    expect((await loadCustody(edition.id)).at(-1)).toMatchObject({ pullId: 'e2', move: { kind: 'returned' } })
    await markSheet(
      job.id,
      job.revision,
      { sheet: 1, runPosition: 0, mark: 'lost', why: 'torn at the deckle', by: BY },
      at(72),
    )
    job = await loadJob(job.slug)
    expect(readThrough(job)).toMatchObject({ left: 0, waiting: 0 })
    await expect(giveBack(job.id, job.revision, 1, BY, at(73))).rejects.toMatchObject({
      problems: [{ message: expect.stringContaining('was worked on: it stays') as string }],
    })
    // What is sold cannot be printed over.
    await movePrint(
      edition.id,
      { pullId: 'e2', move: { kind: 'sold', to: 'Maud Reeve', receipt: '7', note: '' }, by: BY },
      at(74),
    )
    await expect(
      give(job, { prints: { from: 'job', jobId: edition.id, pullIds: ['e2'] }, by: BY }),
    ).rejects.toMatchObject({
      problems: [{ message: expect.stringContaining('sold to Maud Reeve') as string }],
    })
  })

  it('goes at once where the run wants no dry sheets, and travels with its job', async () => {
    const edition = await numberedEdition()
    const from = { prints: { from: 'job' as const, jobId: edition.id, pullIds: ['e1'] }, by: BY }
    let job = await give(await singlePrints(), from)
    expect(job.givenSheets[0].printedAt).toBe(edition.pulls.find(({ id }) => id === 'e1')!.pulledAt)
    const { name, kind } = job.runs[0]
    const revision = await changeRun(job.id, job.revision, 0, { name, kind, between: 'wet', waitHours: 0 })
    await makePull(job.id, revision, newPull('o1', 'edition'), at(75))
    job = await loadJob(job.slug)
    expect(job.pulls.at(-1)!.sheet).toBe(1)
    const copy = await loadJob(await importJob(await exportJob(job.slug, at(90))))
    expect(copy.givenSheets).toEqual([{ ...job.givenSheets[0], print: null }])
  })

  it('monotype over two existing prints from a slab, then its ghost over each: recorded print by print', async () => {
    const { id, slug } = await singlePrints()
    let revision = await saveStation(
      id,
      (await loadJob(slug)).revision,
      'plate',
      { ...sampleSettings.plate, name: 'Slab', kind: 'slab' },
      at(),
    )
    const { name } = (await loadJob(slug)).runs[0]
    revision = await changeRun(id, revision, 0, { name, kind: 'monotype', between: 'dry', waitHours: 0 })
    await addRun(id, revision, { name: 'Ghost', kind: 'ghost', between: 'wet', waitHours: 0 })
    let job = await give(await give(await loadJob(slug), outside('3/20')), outside('4/20'))
    job = await pull(job, 'first', 'edition', 'accepted')
    // White is stirred in, step by step, before the second.
    const [mix] = job.runs[0].bench.ink!.mixes
    const whiter = { ...mix, parts: [...mix.parts, { inkId: 'chalk-white', name: 'Chalk white', parts: 2 }] }
    await saveStation(id, job.revision, 'ink', { mixes: [whiter] }, at(3))
    job = await pull(await loadJob(slug), 'second', 'edition', 'accepted')
    await openRun(id, job.revision, 1)
    job = await pull(await loadJob(slug), 'ghost-1', 'edition', 'accepted')
    job = await pull(job, 'ghost-2', 'edition', 'accepted')
    expect(job.pulls.map(({ sheet, runPosition }) => [sheet, runPosition])).toEqual([
      [1, 0],
      [2, 0],
      [1, 1],
      [2, 1],
    ])
    expect(readThrough(job)).toMatchObject({ through: 2, left: 0 })
    expect(job.pulls[1].settings.ink.mixes[0].parts.map(({ name: ink }) => ink)).toContain('Chalk white')
    const sheet = documentJob({ ...job, bench: job.runs[0].bench }, 'Europe/Lisbon')
    expect(sheet.technique).toBe('smooth slab, for monotypes')
    expect(sheet.impressions.map(({ note }) => note)).toEqual([
      'over 3/20 of Salt pans, by Odd Fell',
      'over 4/20 of Salt pans, by Odd Fell',
    ])
  })
})
