import { execFile } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { rm } from 'node:fs/promises'
import path from 'node:path'
import { promisify } from 'node:util'
import { dataFolder } from '@/data/database/dataFolder'
import { takeSampleIn } from '@/data/shop/sample'

/**
 * Lays the sample out in a folder of its own, in a process of its own, and takes it in when it is whole: cut off at any moment, the
 * workshop has all of it or nothing.
 */
export async function layOutSample(): Promise<void> {
  const folder = path.join(dataFolder(), `.sample-${randomUUID()}`)
  try {
    await promisify(execFile)(process.execPath, ['--import', 'tsx', 'src/cli/seed.ts'], {
      cwd: process.cwd(),
      env: { ...process.env, TYPOTHESIS_DATA: folder },
    })
    await takeSampleIn(folder)
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}
