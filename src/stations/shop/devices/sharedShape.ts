import type { ShownDevice } from '@/server/share/devices'
import type { WaitingDevice } from '@/server/share/pairing'

/** What the machine shows of a workshop that is shared. */
export interface SharedShape {
  urls: string[]
  trustUrl: string
  /** the address a new device begins at, as a QR code: an SVG path over a square of `size` */
  qr: { path: string; size: number }
  fingerprint: string
  code: { code: string; until: number; triesLeft: number } | null
  waiting: WaitingDevice[]
  devices: ShownDevice[]
}
