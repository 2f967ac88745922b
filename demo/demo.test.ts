import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { closeDatabase } from '@/data/database'
import { loadBaths } from '@/data/baths'
import { exportJob } from '@/data/jobFiles'
import { listJobs } from '@/data/jobs'
import { loadStore } from '@/data/store'
import { drawPlate } from './plateDrawing'
import { seedDemo } from './seedDemo'
import { STARTER_STORE } from './starterStore'

/** Everything that can be seen of a freshly laid out sample. */
async function layOut(): Promise<unknown> {
  const folder = mkdtempSync(path.join(tmpdir(), 'typothesis-demo-'))
  process.env.TYPOTHESIS_DATA = folder
  try {
    await seedDemo()
    const jobs = await listJobs()
    return {
      jobs,
      files: await Promise.all(jobs.map(({ slug }) => exportJob(slug, '2031-05-02T09:30:00.000Z'))),
      store: await loadStore(),
      baths: await loadBaths(),
    }
  } finally {
    await closeDatabase()
    rmSync(folder, { recursive: true, force: true })
  }
}

describe('the sample', () => {
  it('is the same every time: nothing in it is random, and no clock is read', async () => {
    const first = await layOut()
    expect(await layOut()).toEqual(first)
  }, 60_000)

  it('has four works, each where another is not', async () => {
    const { jobs } = (await layOut()) as {
      jobs: { slug: string; phase: string; accepted: number; rejected: number; imageId: string | null }[]
    }
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
  }, 60_000)
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
