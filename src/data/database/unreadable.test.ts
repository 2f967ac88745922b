import { describe, expect, it } from 'vitest'
import { openDatabase } from './database'
import { UnreadableJobError } from './errors'
import { createJob, exportRaw, listJobs, loadJob } from '../shop/jobs'
import { loadProofPairs } from '../prove/proofPairs'
import { loadReservations } from '../shop/stock'
import { at, benchedJob, openWorkshop, pull } from '../shop/workshop.test.fixture'

openWorkshop()

async function spoiled(sql: string, ...replacements: string[]): Promise<string> {
  const { slug } = await pull(await benchedJob(), 'a')
  await (await openDatabase()).sequelize.query(sql, { replacements })
  return slug
}

describe('a job that cannot be read', () => {
  it('says why, is still listed, and goes out as it lies there', async () => {
    const later = JSON.stringify({ version: 9, lamp: 'north' })
    const slug = await spoiled('UPDATE pulls SET settings = ?', later)
    const refused = await loadJob(slug).catch((error: unknown) => error)
    expect(refused).toBeInstanceOf(UnreadableJobError)
    expect(refused).toMatchObject({
      slug,
      reason: 'version 9 is from a later Typothesis; this one reads version 3',
    })
    expect((await listJobs()).map((job) => job.slug)).toEqual([slug])
    const raw = await exportRaw(slug)
    expect(raw.jobs).toHaveLength(1)
    expect(raw.pulls).toMatchObject([{ id: 'a', settings: later }])
    expect(raw.runs).toHaveLength(1)
  })
  it('names the place that is wrong', async () => {
    const slug = await spoiled("UPDATE runs SET name = ''")
    await expect(loadJob(slug)).rejects.toMatchObject({ reason: 'name: is empty: fill it in' })
  })
  it('leaves every other job and what is told of all jobs as they were', async () => {
    const slug = await spoiled('UPDATE runs SET bench = ?', '{"version":9}')
    const other = await createJob({ title: 'Samphire', artist: 'Tam Brocket', editionSize: 4 }, at())
    await expect(loadJob(slug)).rejects.toThrow(UnreadableJobError)
    expect((await loadJob(other.slug)).title).toBe('Samphire')
    expect(await loadReservations()).toEqual([])
    expect(await loadProofPairs()).toEqual([])
  })
  it('that is not there cannot go out', async () =>
    expect(exportRaw('nobody')).rejects.toThrow('not in this workshop'))
})
