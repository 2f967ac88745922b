import { readFileSync, rmSync, writeFileSync } from 'node:fs'
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

/** Takes a folder into the hands of this process. */
export function hold(folder: string, url: string): void {
  writeFileSync(path.join(folder, FILE), JSON.stringify({ pid: process.pid, url } satisfies Holder), {
    mode: 0o600,
  })
}

/** Lets a folder go. */
export function letGo(folder: string): void {
  rmSync(path.join(folder, FILE), { force: true })
}
