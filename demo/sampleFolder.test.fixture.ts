import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterAll, beforeAll } from 'vitest'
import { closeDatabase } from '@/data/database/database'
import { seedDemo } from './seedDemo'

/** Lays the sample out in a folder of its own, which whoever asks takes away. */
export async function layOutSample(): Promise<string> {
  const folder = mkdtempSync(path.join(tmpdir(), 'typothesis-sample-'))
  process.env.TYPOTHESIS_DATA = folder
  await seedDemo()
  await closeDatabase()
  return folder
}

/**
 * A folder with the sample, for all tests of a file: the one a whole run laid out beforehand, or one of its own. It is copied and never
 * written to.
 */
export function sampleFolder(): () => string {
  const ready = process.env.TYPOTHESIS_TEST_SAMPLE
  if (ready) return () => ready
  let folder: string
  beforeAll(async () => {
    folder = await layOutSample()
  })
  afterAll(() => rmSync(folder, { recursive: true, force: true }))
  return () => folder
}
