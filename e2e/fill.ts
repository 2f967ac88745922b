import { spawnSync } from 'node:child_process'
import path from 'node:path'
import type { TestServer } from './server'

const ROOT = path.resolve(import.meta.dirname, '..')

/** Stops a server, lays so many jobs of so many pulls each into its workshop, copies of the sample's edition, and starts it again. */
export async function fill(server: TestServer, jobs: number, pulls: number): Promise<void> {
  await server.kill()
  const filled = spawnSync(
    process.execPath,
    ['--import', 'tsx', 'src/cli/bench/fillLog.ts', String(jobs), String(pulls)],
    { cwd: ROOT, env: { ...process.env, TYPOTHESIS_DATA: server.dataFolder }, encoding: 'utf8' },
  )
  if (filled.status !== 0) throw new Error(filled.stderr)
  await server.restart()
}
