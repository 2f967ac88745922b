import { headers } from 'next/headers'
import type { DeskWaits } from '@/core/edition/deskRails'
import { sharingNow } from '@/server/share/sharing'
import {
  ASKING_HEADER,
  askingOf,
  DEVICE_HEADER,
  isAllowed,
  type Asking,
  type Role,
} from '@/server/share/roles'

/**
 * Who asks for what is being answered: the machine itself, a paired device, or nobody known. The door says it with every request; where
 * nothing was requested, as in a test or a work of the server’s own, it is the machine.
 */
export async function askingNow(): Promise<Asking> {
  let said: string | null
  try {
    said = (await headers()).get(ASKING_HEADER)
  } catch {
    return 'machine'
  }
  // In development there is no door, and nobody but this machine.
  if (said === null && process.env.NODE_ENV === 'development') return 'machine'
  return askingOf(said)
}

/** Tells the machine what waits on the paired device that asks; where it is the machine itself, or nobody shares, nothing is noted. */
export async function noteWaits(waits: DeskWaits | undefined): Promise<void> {
  const device = await headers().then(
    (said) => said.get(DEVICE_HEADER),
    () => null,
  )
  if (device && waits) sharingNow()?.devices.noteWaits(device, waits)
}

/** What is said to who may not. */
const NOT_HERE: Record<Exclude<Asking, 'machine'>, string> = {
  shop: 'Devices are let in and taken out at the machine the workshop is kept on, and nowhere else.',
  desk: 'This device is paired for the pull desk and for pictures, and for nothing else.',
  wall: 'This device is paired as a screen on the wall, and for nothing else.',
  nobody: 'This device is not paired.',
}

/** Why who asks may not have what is kept for a role, in words; null: they may. */
export async function refusalFor(role: Role): Promise<string | null> {
  const asking = await askingNow()
  return isAllowed(asking, role) || asking === 'machine' ? null : NOT_HERE[asking]
}
