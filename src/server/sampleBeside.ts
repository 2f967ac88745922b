import { spawn, type ChildProcess } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { ENDS_WITH_INPUT, FLEETING, removeFleeting } from './endsWithInput'

/** The sample while it is open: a workshop of its own, in a process and a folder of its own. */
interface Beside {
  url: string
  child: ChildProcess
  folder: string
}

const process_ = globalThis as typeof globalThis & { typothesisSample?: Promise<Beside> }

/** How long the sample may take to answer, ms. */
const PATIENCE_MS = 180_000

/** What a process of the application is started with: nothing of this one's port or folders, so that no backup of the sample lies among one's own. */
const environment = (folder: string): NodeJS.ProcessEnv => ({
  ...process.env,
  TYPOTHESIS_DATA: folder,
  TYPOTHESIS_BACKUPS: undefined,
  PORT: undefined,
  [ENDS_WITH_INPUT]: '1',
})

/** Runs a process to its end; while it holds its input, it ends when this process does. */
function finished(child: ChildProcess): Promise<void> {
  return new Promise((resolve, reject) => {
    child.once('error', reject)
    child.once('exit', (code) =>
      code === 0 ? resolve() : reject(new Error(`The sample could not be laid out (${String(code)}).`)),
    )
  })
}

/** The address a served workshop says as soon as it answers. */
function addressOf(child: ChildProcess): Promise<string> {
  return new Promise((resolve, reject) => {
    let said = ''
    const tooLate = setTimeout(() => reject(new Error('The sample does not answer.')), PATIENCE_MS)
    child.stdout!.on('data', (words: Buffer) => {
      said += words.toString()
      const url = /Typothesis is at (\S+)/.exec(said)?.[1]
      if (!url) return
      clearTimeout(tooLate)
      resolve(url)
    })
    child.once('exit', () => {
      clearTimeout(tooLate)
      reject(new Error('The sample ended before it answered.'))
    })
  })
}

async function open(): Promise<Beside> {
  // Made by the process that removes it, once it watches for this one's end: killed between the two, nobody would.
  const folder = path.join(tmpdir(), `${FLEETING}${randomUUID()}`)
  const gone = () => {
    removeFleeting(folder)
    process_.typothesisSample = undefined
  }
  try {
    const how = { cwd: process.cwd(), env: environment(folder) }
    // The input of both is held open from here: when this process goes, however it goes, the sample goes too, laid out or half so.
    await finished(
      spawn(process.execPath, ['--import', 'tsx', 'src/cli/seed.ts'], {
        ...how,
        stdio: ['pipe', 'ignore', 'ignore'],
      }),
    )
    const child = spawn(process.execPath, ['src/cli/serveBuilt.mjs'], {
      ...how,
      stdio: ['pipe', 'pipe', 'ignore'],
    })
    child.once('exit', gone)
    return { url: await addressOf(child), child, folder }
  } catch (error) {
    gone()
    throw error
  }
}

/** Opens the sample beside the workshop, or finds it open; nothing of it comes into the workshop. @returns its address on this machine */
export async function openSampleBeside(): Promise<string> {
  process_.typothesisSample ??= open()
  return (await process_.typothesisSample).url
}

/** Where the sample is open now; null: it is not. */
export async function sampleBeside(): Promise<string | null> {
  return process_.typothesisSample ? ((await process_.typothesisSample.catch(() => null))?.url ?? null) : null
}

/** Closes the sample, and what was done in it is gone with its folder. */
export async function closeSampleBeside(): Promise<void> {
  const beside = await process_.typothesisSample?.catch(() => null)
  if (!beside) return
  const ended = new Promise((resolve) => beside.child.once('exit', resolve))
  beside.child.stdin!.end()
  await ended
}
