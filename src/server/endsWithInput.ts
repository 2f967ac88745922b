import { rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'

/** Set where a workshop is served for another process, and ends with it. */
export const ENDS_WITH_INPUT = 'TYPOTHESIS_ENDS_WITH_INPUT'

/** What the folder of a workshop is called that is thrown away at its end. */
export const FLEETING = 'typothesis-sample-beside-'

/** Whether this process serves the sample beside a workshop. */
export const isBeside = (): boolean => Boolean(process.env[ENDS_WITH_INPUT])

/** Removes a folder that is thrown away at its end, and no other. */
export function removeFleeting(folder: string): void {
  const isOurs = path.dirname(folder) === tmpdir() && path.basename(folder).startsWith(FLEETING)
  if (isOurs) rmSync(folder, { recursive: true, force: true })
}

/** Calls when the process that holds this one's input is gone; without one, never. Waiting for it keeps no process alive. */
export function whenInputEnds(end: () => void): void {
  if (!isBeside()) return
  process.stdin.once('end', end).once('close', end).resume().unref()
}
