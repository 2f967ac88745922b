import { rmSync } from 'node:fs'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { closeDatabase } from '@/data/database/database'
import { loadBaths } from '@/data/plate/baths'
import { exportJob } from '@/data/record/jobFiles'
import { listJobs } from '@/data/shop/jobs'
import { loadStore } from '@/data/shop/store'
import { drawPlate } from './plateDrawing'
import { layOutSample, sampleFolder } from './sampleFolder.test.fixture'
import { STARTER_STORE } from './starterStore'

const sample = sampleFolder()

/** Everything that can be seen of the sample laid out in a folder. */
async function seen(folder: string) {
  process.env.TYPOTHESIS_DATA = folder
  const jobs = await listJobs()
  const files = await Promise.all(jobs.map(({ slug }) => exportJob(slug, '2031-05-02T09:30:00.000Z')))
  const all = { jobs, files, store: await loadStore(), baths: await loadBaths() }
  await closeDatabase()
  return all
}

describe('the sample', () => {
  it('is the same every time: nothing in it is random, and no clock is read', async () => {
    const again = await layOutSample()
    try {
      expect(await seen(again)).toEqual(await seen(sample()))
    } finally {
      rmSync(again, { recursive: true, force: true })
    }
  })

  it('has four works, each where another is not', async () => {
    const { jobs } = await seen(sample())
    expect(jobs.map(({ slug, phase }) => [slug, phase])).toEqual([
      ['samphire', 'proving'],
      ['mooring-posts', 'edition'],
      ['two-tides', 'edition'],
      ['the-pilot-s-window', 'signed'],
    ])
    // Of a sheet that goes through twice, only its last run makes a print.
    expect(jobs[2]).toMatchObject({ accepted: 2, rejected: 2 })
    expect(jobs[1]).toMatchObject({ accepted: 10, rejected: 1 })
    for (const { imageId } of jobs) expect(imageId).toMatch(/^[0-9a-f]{32}$/)
  })
})

describe('the starting store', () => {
  it('has a dozen inks and more, each with its own spectra and marked estimated', () => {
    const { inks } = STARTER_STORE
    expect(inks.length).toBeGreaterThanOrEqual(12)
    expect(new Set(inks.map(({ k }) => k.join())).size).toBe(inks.length)
    expect(new Set(inks.map(({ source }) => source))).toEqual(new Set(['estimated']))
  })
})

describe('plates drawn by the program', () => {
  it.each([
    ['posts', 900 / 600],
    ['samphire', 740 / 1000],
    ['window', 760 / 700],
    ['tides', 800 / 560],
  ] as const)('%s is the same line for line, at its proportion', async (motif, proportion) => {
    const [one, again] = await Promise.all([drawPlate(motif, '#bbb'), drawPlate(motif, '#bbb')])
    expect(one.equals(again)).toBe(true)
    const { width, height } = await sharp(one).metadata()
    expect(width! / height!).toBeCloseTo(proportion, 2)
  })
})
