import { readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import path from 'node:path'

/** The file in which a server says that a folder is in its hands. */
const FILE = '.server.json'
/** Where a server says who it is. */
export const WHO_PATH = '/.well-known/typothesis'
const PATIENCE_MS = 2000

/** Who serves a folder. */
export interface Holder {
  pid: number
  url: string
}

/** The server that has a folder in its hands now; null: none, whatever a server that was cut off has left there. */
export async function holderOf(folder: string): Promise<Holder | null> {
  try {
    const holder = JSON.parse(readFileSync(path.join(folder, FILE), 'utf8')) as Holder
    const reply = await fetch(holder.url + WHO_PATH, { signal: AbortSignal.timeout(PATIENCE_MS) })
    const { pid, folder: served } = (await reply.json()) as { pid: number; folder: string }
    return pid === holder.pid && served === folder ? holder : null
  } catch {
    return null
  }
}

const said = (file: string) => {
  try {
    return readFileSync(file, 'utf8')
  } catch {
    return null
  }
}

/**
 * Takes a folder into the hands of this process, which listens at the address already. Of two that ask at once one gets it.
 *
 * @returns who has it instead; null: it is this process’s now
 */
export async function hold(folder: string, url: string): Promise<Holder | null> {
  const file = path.join(folder, FILE)
  for (;;) {
    try {
      writeFileSync(file, JSON.stringify({ pid: process.pid, url } satisfies Holder), {
        mode: 0o600,
        flag: 'wx',
      })
      return null
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error
    }
    const left = said(file)
    const holder = await holderOf(folder)
    if (holder) return holder
    // What a server that is gone has left is set aside by whoever comes first: if it is another’s by now, it is put back.
    const aside = `${file}.${process.pid}`
    try {
      renameSync(file, aside)
      if (said(aside) !== left) renameSync(aside, file)
      rmSync(aside, { force: true })
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error
    }
  }
}

/** Lets a folder go. */
export function letGo(folder: string): void {
  rmSync(path.join(folder, FILE), { force: true })
}

/** The file in which a folder remembers the port it was last served at. */
const PORT_FILE = '.port'

/** The port a workshop was served at before; null: it never was. What waits on devices waits for that address. */
export function lastPort(folder: string): number | null {
  const port = Number(said(path.join(folder, PORT_FILE)) ?? NaN)
  return Number.isInteger(port) && port > 0 && port <= 65_535 ? port : null
}

/** Remembers where a workshop is served. */
export function rememberPort(folder: string, port: number): void {
  writeFileSync(path.join(folder, PORT_FILE), String(port), { mode: 0o600 })
}
