import { describe, expect, it } from 'vitest'
import { lastUsed } from '@/core/edition/dryBetween'
import { pullsOnBench, sheetLines } from '@/core/edition/runs'
import { batOfRun } from '@/core/record/batOnBench'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { usualTolerances } from '@/core/prove/tolerance'
import { approveBat } from '../prove/bats'
import { cancelPlate } from '../dry/cancellation'
import { syncDesk } from './desk'
import { keepCredits } from '../record/credits'
import { exportJob, importJob } from '../record/jobFiles'
import { loadJob, saveStation } from '../shop/jobs'
import type { JobRecord } from '../record/jobRecord'
import { giveNumbers } from '../dry/prints'
import { makePull } from './pulls'
import { addRun, changeRun, markDryness, markSheet, openRun, removeRun } from './runs'
import { keepSorting, loadSorting } from '../dry/sortings'
import { approvedJob, at, newPull, openWorkshop, pull } from '../shop/workshop.test.fixture'

openWorkshop()

const approve = async (job: JobRecord, proofPullId: string, reason = '') => {
  await approveBat(
    job.id,
    (await loadJob(job.slug)).revision,
    { proofPullId, tolerances: usualTolerances(sampleSettings), approvedBy: 'Ida Quill', reason },
    at(20),
  )
  return loadJob(job.slug)
}

/** Two sheets through a first plate, and a second plate proved, approved and on the bench. */
async function secondRun(): Promise<JobRecord> {
  let job = await approvedJob(2)
  for (const id of ['e1', 'e2', 'e3']) job = await pull(job, id, 'edition', 'accepted')
  await openRun(job.id, await addRun(job.id, job.revision, { name: 'Red plate', between: 'wet' }), 1)
  job = await pull(await loadJob(job.slug), 'red-proof')
  return approve(job, 'red-proof')
}

describe('a second run', () => {
  it('has a bench of its own, begun as the first with another plate', async () => {
    const job = await secondRun()
    expect(job.openRun).toBe(1)
    expect(job.runs[1].bench.plate?.name).toBe('Red plate')
    await saveStation(job.id, job.revision, 'press', { ...sampleSettings.press, readingLeft: 2 }, at(30))
    const after = await loadJob(job.slug)
    expect(after.runs.map(({ bench }) => bench.press?.readingLeft)).toEqual([
      sampleSettings.press.readingLeft,
      2,
    ])
  })
  it('is proved on a proof sheet of the first, and held to its own part of the BAT', async () => {
    const job = await secondRun()
    expect(pullsOnBench(job).map(({ id, sheet, number }) => [id, sheet, number])).toEqual([
      ['red-proof', 1, 1],
    ])
    expect(job.bats.at(-1)!.runs.map(({ position, proofPullId }) => [position, proofPullId])).toEqual([
      [0, 'proof-1'],
      [1, 'red-proof'],
    ])
    expect(batOfRun(job.bats, 1)?.version).toBe(2)
    expect(batOfRun(job.bats.slice(0, 1), 1)).toBeNull()
  })
  it('asks no edition before its own proof is approved', async () => {
    const job = await approvedJob(2)
    await openRun(job.id, await addRun(job.id, job.revision, { name: 'Red plate' }), 1)
    await expect(makePull(job.id, job.revision + 2, newPull('e1', 'edition'), at(30))).rejects.toMatchObject({
      problems: [expect.objectContaining({ message: expect.stringContaining('BAT') })],
    })
  })
  it('takes the sheets that wait, each once, and says when none does', async () => {
    let job = await secondRun()
    for (const id of ['r1', 'r2', 'r3']) job = await pull(job, id, 'edition', 'accepted')
    expect(
      pullsOnBench(job)
        .filter(({ kind }) => kind === 'edition')
        .map(({ sheet }) => sheet),
    ).toEqual([2, 3, 4])
    await expect(makePull(job.id, job.revision, newPull('r4', 'edition'), at(40))).rejects.toMatchObject({
      problems: [expect.objectContaining({ message: expect.stringContaining('No sheet waits') })],
    })
  })
  it('a sheet lost between the presses is told once and numbers nothing', async () => {
    let job = await secondRun()
    await expect(
      markSheet(
        job.id,
        job.revision,
        { sheet: 2, runPosition: 1, mark: 'lost', why: '', by: 'Ida Quill' },
        at(30),
      ),
    ).rejects.toThrow('Enter what became of it')
    await expect(
      markSheet(
        job.id,
        job.revision,
        { sheet: 2, runPosition: 1, mark: 'done', why: 'red', by: 'Ida Quill' },
        at(30),
      ),
    ).rejects.toMatchObject({ problems: [expect.objectContaining({ field: 'mark' })] })
    await markSheet(
      job.id,
      job.revision,
      { sheet: 2, runPosition: 1, mark: 'lost', why: 'Torn in the blotters', by: 'Ida Quill' },
      at(30),
    )
    job = await loadJob(job.slug)
    for (const id of ['r1', 'r2']) job = await pull(job, id, 'edition', 'accepted')
    expect(
      sheetLines(job)
        .filter(({ isThrough }) => isThrough)
        .map(({ sheet }) => sheet),
    ).toEqual([3, 4])
    const sorted = [
      { pullId: 'r2', kind: 'edition' as const },
      { pullId: 'r1', kind: 'edition' as const },
      { pullId: 'red-proof', kind: 'BAT' as const },
    ]
    await giveNumbers(job.id, job.revision, { sorted, style: 'roman' }, at(60))
    expect((await loadJob(job.slug)).prints.map(({ pullId, mark }) => [pullId, mark])).toEqual([
      ['r2', '1/2'],
      ['r1', '2/2'],
      ['red-proof', 'BAT'],
    ])
  })
  it('by hand is marked off sheet by sheet, and has no bench', async () => {
    let job = await approvedJob(1)
    job = await pull(job, 'e1', 'edition', 'accepted')
    const revision = await addRun(job.id, job.revision, {
      name: 'Colouring',
      kind: 'colouring',
      between: 'wet',
    })
    await expect(openRun(job.id, revision, 1)).rejects.toMatchObject({
      problems: [expect.objectContaining({ message: expect.stringContaining('no bench') })],
    })
    await markSheet(
      job.id,
      revision,
      { sheet: 2, runPosition: 1, mark: 'done', why: 'gamboge wash', by: 'Oona Fell' },
      at(30),
    )
    job = await loadJob(job.slug)
    expect(sheetLines(job)[0]).toMatchObject({
      isThrough: true,
      lastPullId: 'e1',
    })
    await expect(
      markSheet(
        job.id,
        job.revision,
        { sheet: 2, runPosition: 1, mark: 'done', why: 'gamboge wash', by: 'Oona Fell' },
        at(31),
      ),
    ).resolves.toBeGreaterThan(0)
  })
  it('by hand waits until ink is dry: by the tissue, or knowingly wet, and says what colours were used', async () => {
    let job = await approvedJob(2)
    for (const id of ['e1', 'e2']) job = await pull(job, id, 'edition', 'accepted')
    let revision = await addRun(job.id, job.revision, {
      name: 'Colouring',
      kind: 'colouring',
      between: 'dry',
    })
    const done = (sheet: number, why: string) =>
      ({ sheet, runPosition: 1, mark: 'done', why, by: 'Oona Fell' }) as const
    const wet = { problems: [{ field: 'mark', message: expect.stringContaining('Flat is not dry') }] }
    await expect(markSheet(job.id, revision, done(2, 'gamboge'), at(30))).rejects.toMatchObject(wet)
    await expect(markSheet(job.id, revision, done(2, ''), at(30))).rejects.toThrow('Enter the colours used')
    await expect(
      markDryness(job.id, revision, { runPosition: 1, sheets: [9], mark: 'dry', by: 'Oona Fell' }, at(30)),
    ).rejects.toMatchObject({ problems: [{ message: 'Sheet 9 does not wait for this run.' }] })
    const dry = { runPosition: 1, sheets: [2], mark: 'dry' as const, by: 'Oona Fell' }
    revision = await markDryness(job.id, revision, dry, at(31))
    revision = await markSheet(job.id, revision, done(2, 'gamboge'), at(32))
    await expect(markSheet(job.id, revision, done(3, 'gamboge'), at(33))).rejects.toMatchObject(wet)
    revision = await markDryness(job.id, revision, { ...dry, sheets: [3], mark: 'wet' }, at(34))
    await markSheet(job.id, revision, done(3, 'gamboge'), at(35))
    job = await loadJob(job.slug)
    expect(sheetLines(job).map(({ isThrough }) => isThrough)).toEqual([true, true])
    expect(lastUsed(job.sheetMarks, 1)).toBe('gamboge')
  })
  it('through the press takes no sheet that is wet, and takes the dry ones first', async () => {
    let job = await approvedJob(2)
    for (const id of ['e1', 'e2']) job = await pull(job, id, 'edition', 'accepted')
    await openRun(job.id, await addRun(job.id, job.revision, { name: 'Red plate' }), 1)
    job = await pull(await loadJob(job.slug), 'red-proof')
    job = await approve(job, 'red-proof')
    await expect(makePull(job.id, job.revision, newPull('r1', 'edition'), at(40))).rejects.toMatchObject({
      problems: [{ message: expect.stringContaining('oil ink is dry to the touch in 2 to 10 days') }],
    })
    await markDryness(
      job.id,
      job.revision,
      { runPosition: 1, sheets: [3], mark: 'dry', by: 'Ida Quill' },
      at(41),
    )
    job = await pull(await loadJob(job.slug), 'r1', 'edition', 'accepted')
    expect(job.pulls.at(-1)?.sheet).toBe(3)
  })
  it('can be taken away until a sheet went through it, never the first', async () => {
    const job = await approvedJob(1)
    const revision = await addRun(job.id, job.revision, { name: 'Ghost', kind: 'ghost', between: 'wet' })
    await expect(removeRun(job.id, revision, 0)).rejects.toMatchObject({ problems: [expect.anything()] })
    await expect(addRun(job.id, revision, { name: 'Ghost' })).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'name' })],
    })
    await expect(
      changeRun(job.id, revision, 0, { name: 'Key', kind: 'colouring', between: 'dry', waitHours: 0 }),
    ).rejects.toMatchObject({ problems: [expect.objectContaining({ field: 'kind' })] })
    await removeRun(job.id, revision, 1)
    expect((await loadJob(job.slug)).runs).toHaveLength(1)
    const begun = await secondRun()
    await expect(removeRun(begun.id, begun.revision, 1)).rejects.toMatchObject({
      problems: [expect.objectContaining({ message: expect.stringContaining('it stays') })],
    })
  })
  it('at the desk takes the waiting sheet, and keeps what was pulled without one', async () => {
    const job = await secondRun()
    const entry = (id: string) => ({
      kind: 'pull',
      id,
      pullKind: 'edition',
      runPosition: 1,
      pulledAt: at(50),
      zone: 'Etc/UTC',
      estimated: false,
      hands: newPull('x').hands,
      settings: sampleSettings,
      batVersion: 2,
      by: 'Ida Quill',
      events: [{ kind: 'decision', decision: 'accepted', reason: '', fate: null }],
    })
    const outcomes = await syncDesk(job.slug, { entries: ['d1', 'd2', 'd3', 'd4'].map(entry) }, at(55))
    expect(
      outcomes.map(({ outcome, message }) => [outcome, message?.includes('no sheet waited') ?? false]),
    ).toEqual([
      ['kept', false],
      ['kept', false],
      ['kept', false],
      ['kept', true],
    ])
    expect(
      (await loadJob(job.slug)).pulls.slice(-4).map(({ sheet, runPosition }) => [sheet, runPosition]),
    ).toEqual([
      [2, 1],
      [3, 1],
      [4, 1],
      [5, 1],
    ])
  })
  it('goes along in the job file, with its marks', async () => {
    let job = await secondRun()
    await markSheet(
      job.id,
      job.revision,
      { sheet: 2, runPosition: 1, mark: 'lost', why: 'Torn', by: 'Ida Quill' },
      at(30),
    )
    const file = await exportJob(job.slug, at(70))
    const slug = await importJob(JSON.parse(JSON.stringify(file)))
    job = await loadJob(slug)
    expect(job).toMatchObject({
      openRun: 1,
      sheetMarks: [expect.objectContaining({ sheet: 2, mark: 'lost' })],
    })
    expect(await exportJob(slug, at(70))).toEqual(file)
  })
})

describe('sorting and the end of the plate', () => {
  const sorted = [
    { pullId: 'e2', kind: 'edition' as const },
    { pullId: 'e1', kind: 'edition' as const },
    { pullId: 'proof-1', kind: 'BAT' as const },
  ]
  async function sortable(): Promise<JobRecord> {
    let job = await approvedJob(2)
    for (const id of ['e1', 'e2']) job = await pull(job, id, 'edition', 'accepted')
    return job
  }
  it('is kept while it goes on, and closed with the numbers', async () => {
    const job = await sortable()
    const numbering = {
      sorted,
      style: 'arabic' as const,
      marking: 'unique' as const,
      imp: 'Tam Brocket',
      chop: 'blind' as const,
    }
    await keepSorting(job.id, numbering, at(30))
    expect(await loadSorting(job.id)).toEqual({ ...numbering, signer: 'artist' })
    const credited = await keepCredits(job.id, job.revision, [{ role: 'Printed by', name: 'Tam Brocket' }])
    await expect(keepCredits(job.id, credited, [{ role: ' ', name: 'Tam' }])).rejects.toThrow(
      'is empty: fill it in',
    )
    await giveNumbers(job.id, credited, numbering, at(40))
    const signed = await loadJob(job.slug)
    expect(signed.prints.map(({ mark }) => mark)).toEqual(['1/1', '1/1', 'BAT'])
    expect(signed.signing).toEqual({
      style: 'arabic',
      marking: 'unique',
      imp: 'Tam Brocket',
      chop: 'blind',
      signer: 'artist',
    })
    await expect(keepSorting(job.id, numbering, at(50))).rejects.toMatchObject({
      problems: [expect.anything()],
    })
    const file = await exportJob(job.slug, at(60))
    expect(await exportJob(await importJob(JSON.parse(JSON.stringify(file))), at(60))).toEqual(file)
  })
  it('by moments marks each print with its own, as the sheet carries it', async () => {
    const job = await sortable()
    await giveNumbers(job.id, job.revision, { sorted, style: 'roman', marking: 'moment' }, at(40))
    expect((await loadJob(job.slug)).prints.map(({ mark }) => mark)).toEqual([
      '2031-05-02 10:02 Europe/Lisbon',
      '2031-05-02 10:01 Europe/Lisbon',
      'BAT',
    ])
    const file = await exportJob(job.slug, at(60))
    await expect(
      importJob({
        ...file,
        prints: file.prints.map((print, i) =>
          i === 0 ? { ...print, mark: '2031-05-02 10:03 Europe/Lisbon' } : print,
        ),
      }),
    ).rejects.toThrow('is not what')
  })
  it('ends with the struck plate: one proof, and nothing after', async () => {
    const job = await sortable()
    const strike = {
      id: 'cancelled-1',
      how: 'Scored across twice',
      zone: 'Etc/UTC',
      hands: { inked: 'Ida Quill', wiped: null, laid: null },
    }
    await expect(cancelPlate(job.id, job.revision, strike, at(40))).rejects.toMatchObject({
      problems: [expect.objectContaining({ message: expect.stringContaining('First give the numbers') })],
    })
    const revision = await giveNumbers(job.id, job.revision, { sorted, style: 'roman' }, at(40))
    const struck = await cancelPlate(job.id, revision, strike, at(50))
    expect(await cancelPlate(job.id, revision, strike, at(50))).toBe(struck)
    expect((await loadJob(job.slug)).pulls.filter(({ kind }) => kind === 'cancellation')).toHaveLength(1)
  })
})
