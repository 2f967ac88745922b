import type { Devices } from './devices'
import type { Pairing } from './pairing'
import type { WantedPictures } from './wantedPictures'

/** A workshop that is shared: what the machine’s own screen shows of it, and does. It ends with the process. */
export interface Sharing {
  /** where devices reach it */
  urls: readonly string[]
  /** where a device that does not know it yet begins */
  trustUrl: string
  /** of the authority, to compare */
  fingerprint: string
  pairing: Pick<Pairing, 'openCode' | 'closeCode' | 'open' | 'waiting' | 'admit' | 'decline'>
  pictures: Pick<WantedPictures, 'want' | 'done' | 'collect' | 'forget'>
  devices: Pick<Devices, 'list' | 'revoke' | 'noteWaits'>
}

// The door and the framework’s pages are put together apart from each other, and are one process.
const held = globalThis as typeof globalThis & { typothesisSharing?: Sharing | null }

/** The sharing of this process; null: the workshop is not shared. */
export const sharingNow = (): Sharing | null => held.typothesisSharing ?? null

/** Says that the workshop is shared from now on, or no longer. */
export function setSharing(sharing: Sharing | null): void {
  held.typothesisSharing = sharing
}
