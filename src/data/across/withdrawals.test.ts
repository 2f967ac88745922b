import { describe, expect, it } from 'vitest'
import { countJobs } from '../shop/jobCounts'
import { openDatabase } from '../database/database'
import { exportJobFile, importJob } from '../record/jobFiles'
import { loadJob } from '../shop/jobs'
import { giveNumbers } from '../dry/prints'
import { approvedJob, at, benchedJob, newPull, openWorkshop, pull } from '../shop/workshop.test.fixture'
import { addFacing, loadFacings } from '../plate/plateWatch'
import { syncDesk } from './desk'
import { makePull } from './pulls'
import { withdrawPull } from './withdrawals'

openWorkshop()
const by = 'Ida Quill'
const take = async (slug: string, pullId: string, why = '') => {
  const { id, revision } = await loadJob(slug)
  await withdrawPull(id, revision, { pullId, why, by }, at(50))
  return loadJob(slug)
}

describe('a pull made by mistake', () => {
  it('gives its number and sheet back, is in no count, and stays whole in the history with what was said of it', async () => {
    const job = await pull(await approvedJob(), 'e1', 'edition', 'accepted')
    expect((await countJobs()).get(job.id)).toMatchObject({ accepted: 1, sheets: [{ sheets: 2 }] })
    const after = await take(job.slug, 'e1')
    expect(after.pulls.map(({ id }) => id)).toEqual(['proof-1'])
    expect(after.withdrawn).toMatchObject([
      { id: 'e1', number: 1, sheet: 2, withdrawnBy: by, withdrawnAt: at(50), why: '' },
    ])
    expect(after.withdrawn[0].events).toEqual(job.pulls[1].events)
    expect((await countJobs()).get(job.id)).toMatchObject({ accepted: 0, sheets: [{ sheets: 1 }] })
    const again = await pull(after, 'e2', 'edition')
    expect(again.pulls[1]).toMatchObject({ id: 'e2', number: 1, sheet: 2 })
  })
  it('frees the way for the next, where nobody had said what becomes of it', async () => {
    const job = await pull(await approvedJob(), 'e1', 'edition')
    const after = await take(job.slug, 'e1')
    expect((await pull(after, 'e2', 'edition')).pulls).toHaveLength(2)
  })
  it('says why once another was pulled after it; the other keeps its number', async () => {
    let job = await pull(await approvedJob(), 'e1', 'edition', 'accepted')
    job = await pull(job, 'e2', 'edition', 'accepted')
    await expect(take(job.slug, 'e1')).rejects.toMatchObject({
      problems: [expect.objectContaining({ field: 'why' })],
    })
    const after = await take(job.slug, 'e1', 'entered twice')
    expect(after.pulls.map(({ id, number }) => [id, number])).toEqual([
      ['proof-1', 1],
      ['e2', 2],
    ])
    expect((await pull(after, 'e3', 'edition')).pulls.at(-1)).toMatchObject({ number: 3, sheet: 4 })
  })
  it('stays, with the reason, where something stands on it', async () => {
    const job = await pull(await approvedJob(1), 'e1', 'edition', 'accepted')
    await expect(take(job.slug, 'proof-1', 'oops')).rejects.toThrow('BAT 1 was approved from it')
    await expect(take(job.slug, 'nobody')).rejects.toThrow('not in this workshop')
    const { id, revision } = await loadJob(job.slug)
    await giveNumbers(
      id,
      revision,
      {
        sorted: [
          { pullId: 'e1', kind: 'edition' },
          { pullId: 'proof-1', kind: 'BAT' },
        ],
        style: 'arabic',
      },
      at(20),
    )
    await expect(take(job.slug, 'e1')).rejects.toThrow('The numbers are given')
    expect((await loadJob(job.slug)).pulls).toHaveLength(2)
  })
  it('asked for twice is withdrawn once, and a pull sent again late is not made again', async () => {
    const job = await pull(await benchedJob(), 'p1')
    const after = await take(job.slug, 'p1')
    expect(await withdrawPull(job.id, 0, { pullId: 'p1', why: '', by }, at(60))).toBe(after.revision)
    expect(await makePull(job.id, 0, newPull('p1'), at(61))).toBe(after.revision)
    expect((await loadJob(job.slug)).pulls).toEqual([])
  })
  it('takes what is not known of the pulls along, each to its place', async () => {
    let job = await pull(await benchedJob(), 'p1')
    for (const id of ['p2', 'p3']) job = await pull(job, id)
    const { tables } = await openDatabase()
    for (const place of [0, 1, 2])
      await tables.set_aside.create({
        jobId: job.id,
        aside: { path: ['pulls', place, 'mood'], value: `of p${place + 1}` },
      })
    await take(job.slug, 'p2', 'no sheet lay there')
    const file = (await exportJobFile(job.slug, at(70))) as Record<
      'pulls' | 'withdrawn',
      { id: string; mood: string }[]
    >
    expect(file.pulls.map(({ id, mood }) => [id, mood])).toEqual([
      ['p1', 'of p1'],
      ['p3', 'of p3'],
    ])
    expect(file.withdrawn).toMatchObject([{ id: 'p2', mood: 'of p2', why: 'no sheet lay there' }])
    // Another workshop has all of it.
    const there = await loadJob(await importJob(file))
    expect(there.withdrawn).toMatchObject([{ id: 'p2', withdrawnBy: by }])
    const copy = (await exportJobFile(there.slug, at(71))) as typeof file
    expect([copy.pulls, copy.withdrawn]).toEqual([file.pulls, file.withdrawn])
  })
  it('keeps the places of the others without gaps, so that a desk adds behind them', async () => {
    let job = await pull(await benchedJob(), 'p1')
    for (const id of ['p2', 'p3', 'p4']) job = await pull(job, id)
    await take(job.slug, 'p2', 'oops')
    const after = await pull(await take(job.slug, 'p3', 'oops'), 'p5')
    const { tables } = await openDatabase()
    const rows = await tables.pulls.findAll({ where: { jobId: job.id }, order: ['place'] })
    expect(rows.map((row) => [row.get('id'), row.get('place')])).toEqual([
      ['p1', 1],
      ['p4', 2],
      ['p5', 3],
    ])
    expect(after.withdrawn.map(({ id }) => id)).toEqual(['p2', 'p3'])
  })
})

describe('what was counted with it', () => {
  it('a facing since then comes after one pull fewer, and one before is left alone', async () => {
    const job = await pull(await benchedJob(), 'p1')
    await addFacing(job.id, { at: at(1), by, note: 'before' })
    await pull({ ...job, pulls: [job.pulls[0], job.pulls[0]] }, 'p2')
    await addFacing(job.id, { at: at(9), by, note: 'after' })
    expect((await loadFacings(job.id)).map(({ afterPulls }) => afterPulls)).toEqual([1, 2])
    await take(job.slug, 'p2')
    expect((await loadFacings(job.id)).map(({ afterPulls }) => afterPulls)).toEqual([1, 1])
  })
  it('is counted anew, though a desk then adds another of the same place', async () => {
    const job = await pull(await approvedJob(), 'w1', 'warmup')
    const { settings } = job.pulls[1]
    expect((await countJobs()).get(job.id)).toMatchObject({ lastPulledAt: job.pulls[1].pulledAt })
    const withdrawal = { kind: 'withdrawal', id: 'x', pullId: 'w1', pullKind: 'warmup', by, at: at(30) }
    const another = {
      ...{
        kind: 'pull',
        id: 'w2',
        pullKind: 'warmup',
        runPosition: 0,
        pulledAt: at(31),
        zone: 'Europe/Lisbon',
      },
      ...{
        estimated: false,
        hands: { inked: by, wiped: by, laid: by },
        settings,
        batVersion: 1,
        events: [],
        by,
      },
    }
    await syncDesk(job.slug, { entries: [withdrawal, another] }, at(32))
    expect((await countJobs()).get(job.id)).toMatchObject({ lastPulledAt: at(31) })
  })
})

describe('a pull taken back at a desk', () => {
  const entry = (pullId: string, id = `w-${pullId}`) => ({
    kind: 'withdrawal' as const,
    id,
    pullId,
    pullKind: 'edition' as const,
    by,
    at: at(40),
  })
  it('is withdrawn, once; what stays says why, and what comes after is heard', async () => {
    let job = await pull(await approvedJob(), 'e1', 'edition', 'accepted')
    job = await pull(job, 'e2', 'edition', 'accepted')
    const outcomes = await syncDesk(
      job.slug,
      { entries: [entry('proof-1'), entry('nobody'), entry('e1'), entry('e1', 'w-again')] },
      at(41),
    )
    expect(outcomes.map(({ outcome }) => outcome)).toEqual(['refused', 'refused', 'kept', 'already'])
    expect(outcomes[0].message).toContain('BAT 1')
    const after = await loadJob(job.slug)
    expect(after.pulls.map(({ id }) => id)).toEqual(['proof-1', 'e2'])
    expect(after.withdrawn).toMatchObject([{ id: 'e1', why: 'taken back at the desk' }])
  })
  it('is not made again by a late copy of itself, and takes no amendment', async () => {
    const job = await pull(await approvedJob(), 'e1', 'edition', 'accepted')
    await take(job.slug, 'e1')
    const { settings } = job.pulls[1]
    const late = {
      kind: 'pull',
      id: 'e1',
      pullKind: 'edition',
      runPosition: 0,
      pulledAt: at(1),
      zone: 'Europe/Lisbon',
      estimated: false,
      hands: { inked: by, wiped: by, laid: by },
      settings,
      batVersion: 1,
      events: [],
      by,
    }
    const amendment = {
      kind: 'amendment',
      id: 'a1',
      pullId: 'e1',
      events: [{ kind: 'eye', reading: 'same' }],
      by,
      at: at(42),
    }
    expect(await syncDesk(job.slug, { entries: [late, amendment] }, at(43))).toMatchObject([
      { outcome: 'already' },
      { outcome: 'refused', message: 'This pull was withdrawn.' },
    ])
    expect((await loadJob(job.slug)).pulls).toHaveLength(1)
  })
})
