import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { ZONE } from './browser'

const ROOT = path.resolve(import.meta.dirname, '..')

/** A running application on a data folder of its own. */
export interface TestServer {
  url: string
  dataFolder: string
  /** memory its process holds now, MB */
  memoryMb: () => number
  /** ends it the hard way, as a power cut would */
  kill: () => Promise<void>
  /** starts it again on the same folder and port */
  restart: () => Promise<void>
  /** ends it and removes its folder */
  remove: () => Promise<void>
}

async function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer()
    probe.once('error', reject)
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => resolve(port))
    })
  })
}

async function answers(url: string): Promise<void> {
  const deadline = Date.now() + 90_000
  while (Date.now() < deadline) {
    const reply = await fetch(url).catch(() => null)
    if (reply?.ok) return
    await new Promise((resolve) => setTimeout(resolve, 150))
  }
  throw new Error(`${url} does not answer`)
}

/** What a workshop of a test begins with, and where it lies ready to be copied, when whoever runs many servers laid it out beforehand. */
const GROUNDS = {
  sample: { script: 'src/cli/seed.ts', ready: 'TYPOTHESIS_TEST_SAMPLE' },
  stocked: { script: 'e2e/stockShelves.ts', ready: 'TYPOTHESIS_TEST_SHELVES' },
} as const
type Ground = keyof typeof GROUNDS

function layOut(ground: Ground, dataFolder: string): void {
  const laid = spawnSync(process.execPath, ['--import', 'tsx', GROUNDS[ground].script], {
    cwd: ROOT,
    env: {
      ...process.env,
      TYPOTHESIS_DATA: dataFolder,
      TYPOTHESIS_SAMPLE_AS_WRITTEN: '1',
      NODE_ENV: 'production',
    },
    encoding: 'utf8',
  })
  if (laid.status !== 0) throw new Error(laid.stderr)
}

/** Lays out once what all servers started after it begin with, in this process or its children, unless that was done; answers what takes it away again. */
export function readySample(): () => void {
  const folders = (Object.keys(GROUNDS) as Ground[])
    .filter((ground) => !process.env[GROUNDS[ground].ready])
    .map((ground) => {
      const folder = mkdtempSync(path.join(tmpdir(), `typothesis-${ground}-`))
      layOut(ground, folder)
      process.env[GROUNDS[ground].ready] = folder
      return folder
    })
  return () => folders.forEach((folder) => rmSync(folder, { recursive: true, force: true }))
}

/** Starts the built application; with `sample`, on the demo data; with `stocked`, on shelves that are full and no job; with `shareAt`, shared at an address of this machine. */
export async function startServer({
  sample,
  stocked = false,
  shareAt,
}: {
  sample: boolean
  stocked?: boolean
  shareAt?: string
}): Promise<TestServer> {
  const dataFolder = mkdtempSync(path.join(tmpdir(), 'typothesis-'))
  const port = await freePort()
  const url = `http://127.0.0.1:${port}`
  const env = {
    ...process.env,
    TYPOTHESIS_DATA: dataFolder,
    NEXT_TELEMETRY_DISABLED: '1',
    TZ: ZONE,
    NODE_ENV: 'production' as const,
  }
  const ground = sample ? 'sample' : 'stocked'
  const ready = process.env[GROUNDS[ground].ready]
  if (sample || stocked) {
    if (ready) cpSync(ready, dataFolder, { recursive: true })
    else layOut(ground, dataFolder)
  }
  let child: ChildProcess
  const start = async () => {
    child = spawn(
      process.execPath,
      ['src/cli/serveBuilt.mjs', ...(shareAt ? ['--share', '--at', shareAt] : [])],
      {
        cwd: ROOT,
        env: { ...env, PORT: String(port) },
        stdio: 'ignore',
      },
    )
    await answers(url)
  }
  const kill = async () => {
    if (child.exitCode !== null || child.signalCode !== null) return
    const gone = new Promise((resolve) => child.once('exit', resolve))
    child.kill('SIGKILL')
    await gone
  }
  await start()
  return {
    url,
    dataFolder,
    memoryMb: () =>
      Number(/VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${child.pid}/status`, 'utf8'))![1]) / 1024,
    kill,
    restart: start,
    remove: async () => {
      await kill()
      rmSync(dataFolder, { recursive: true, force: true })
    },
  }
}
