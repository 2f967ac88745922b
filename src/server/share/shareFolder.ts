import { closeSync, fsyncSync, mkdirSync, openSync, readFileSync, renameSync, writeSync } from 'node:fs'
import { hostname } from 'node:os'
import path from 'node:path'
import { hostOfAuthority, isLasting, makeAuthority, type Certified } from './authority'
import { devicesSchema, type PairedDevice } from './devices'

/** Where a workshop keeps what sharing needs: beside the database and never in it, so that no backup and no job folder holds it. */
const FOLDER = 'share'
const KEY = 'authority.key'
const CERTIFICATE = 'authority.crt'
const DEVICES = 'devices.json'
const PORT = 'port'

const jsonOf = (text: string | null): unknown => {
  try {
    return JSON.parse(text ?? 'null')
  } catch {
    return null
  }
}

/** What a folder keeps for sharing. */
export interface ShareFolder {
  /** the workshop’s own authority; made anew for another host or before it ends */
  authority: (at: Date) => Promise<Certified & { isNew: boolean }>
  devices: () => PairedDevice[]
  keepDevices: (devices: readonly PairedDevice[]) => void
  /** the port it was shared at last; null: never. Devices remember by address. */
  port: () => number | null
  rememberPort: (port: number) => void
}

/** This machine’s name as it may stand in a certificate. */
export function hostName(said = hostname()): string {
  const plain = said
    .toLowerCase()
    .replace(/\.local$/, '')
    .replace(/[^a-z0-9.-]/g, '')
    .replace(/^[.-]+|[.-]+$/g, '')
  return plain === '' ? 'typothesis' : plain.slice(0, 50)
}

/** @param dataFolder where the workshop is kept @param host this machine’s name */
export function openShareFolder(dataFolder: string, host = hostName()): ShareFolder {
  const folder = path.join(dataFolder, FOLDER)
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const read = (name: string): string | null => {
    try {
      return readFileSync(path.join(folder, name), 'utf8')
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code === 'ENOENT') return null
      throw error
    }
  }
  // Whole or not at all, and on the disk before anybody is told.
  const write = (name: string, text: string) => {
    const file = path.join(folder, name)
    const beside = openSync(`${file}.new`, 'w', 0o600)
    writeSync(beside, text)
    fsyncSync(beside)
    closeSync(beside)
    renameSync(`${file}.new`, file)
  }
  return {
    authority: async (at) => {
      const [key, certificate] = [read(KEY), read(CERTIFICATE)]
      const kept = key && certificate ? { key, certificate } : null
      if (kept && hostOfAuthority(kept) === host && isLasting(kept, at)) return { ...kept, isNew: false }
      const made = await makeAuthority(host, at)
      write(KEY, made.key)
      write(CERTIFICATE, made.certificate)
      return { ...made, isNew: true }
    },
    // What cannot be read lets nobody in: devices are paired anew.
    devices: () => devicesSchema.catch([]).parse(jsonOf(read(DEVICES))),
    keepDevices: (devices) => write(DEVICES, JSON.stringify(devices)),
    port: () => {
      const port = Number(read(PORT) ?? NaN)
      return Number.isInteger(port) && port > 0 && port < 65_535 ? port : null
    },
    rememberPort: (port) => write(PORT, String(port)),
  }
}
