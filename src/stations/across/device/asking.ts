import { headers } from 'next/headers'
import { ASKING_HEADER, askingOf, isAllowed, type Asking, type Role } from '@/server/share/roles'

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

/** Whether who asks may have what is kept for a role. */
export const mayAsk = async (role: Role): Promise<boolean> => isAllowed(await askingNow(), role)

/** What is said to a device that may not. */
export const NOT_HERE: Record<Role, string> = {
  machine: 'Devices are let in and taken out at the machine the workshop is kept on, and nowhere else.',
  shop: 'This device is paired for the pull desk and for pictures, and for nothing else.',
  desk: 'This device is not paired.',
}
