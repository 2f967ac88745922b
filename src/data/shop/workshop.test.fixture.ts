import { copyFileSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterEach, beforeEach } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { SETTING_STATIONS } from '@/core/prove/settings'
import { usualTolerances } from '@/core/prove/tolerance'
import { approveBat } from '../prove/bats'
import { closeDatabase } from '../database/database'
import type { JobRecord } from '../record/jobRecord'
import { createJob, loadJob, saveStation } from './jobs'
import { addEvents, makePull, type NewPull } from '../across/pulls'

/** A moment for tests; `minute` counts on from it. */
export const at = (minute = 0) => new Date(Date.UTC(2031, 4, 2, 9, minute)).toISOString()

/** Gives every test of a file a workshop of its own, on the disk, and removes it after. */
export function openWorkshop(): void {
  let folder: string
  beforeEach(() => {
    folder = mkdtempSync(path.join(tmpdir(), 'typothesis-data-'))
    process.env.TYPOTHESIS_DATA = folder
    copyFileSync(process.env.TYPOTHESIS_TEST_DATABASE!, path.join(folder, 'typothesis.sqlite'))
  })
  afterEach(async () => {
    await closeDatabase()
    rmSync(folder, { recursive: true, force: true })
  })
}

/** A job whose bench is complete. */
export async function benchedJob(editionSize = 2): Promise<JobRecord> {
  const { id, slug } = await createJob({ title: 'Mooring posts', artist: 'Ida Quill', editionSize }, at())
  let revision = 0
  for (const station of SETTING_STATIONS)
    revision = await saveStation(id, revision, station, sampleSettings[station], at())
  return loadJob(slug)
}

/** What a device sends with a pull. */
export const newPull = (id: string, kind: NewPull['kind'] = 'proof'): NewPull => ({
  id,
  kind,
  zone: 'Europe/Lisbon',
  hands: { inked: 'Ida Quill', wiped: 'Ida Quill', laid: 'Tam Brocket' },
  expected: null,
  expectation: '',
})

/** Pulls from the bench as it stands now; answers the job after it. */
export async function pull(
  job: JobRecord,
  id: string,
  kind: NewPull['kind'] = 'proof',
  decision?: 'accepted' | 'set-aside',
): Promise<JobRecord> {
  const revision = await makePull(
    job.id,
    (await loadJob(job.slug)).revision,
    newPull(id, kind),
    at(job.pulls.length),
  )
  if (decision)
    await addEvents(
      job.id,
      revision,
      {
        pullId: id,
        events: [{ kind: 'decision', decision, reason: '', fate: null }],
        by: 'Ida Quill',
        why: '',
      },
      at(job.pulls.length),
    )
  return loadJob(job.slug)
}

/** A job with one proof, approved. */
export async function approvedJob(editionSize = 2): Promise<JobRecord> {
  const job = await pull(await benchedJob(editionSize), 'proof-1')
  await approveBat(
    job.id,
    job.revision,
    {
      proofPullId: 'proof-1',
      tolerances: usualTolerances(sampleSettings),
      approvedBy: 'Ida Quill',
      reason: '',
    },
    at(10),
  )
  return loadJob(job.slug)
}
