import type { ShownDevice } from '@/server/share/devices'
import type { WaitingDevice } from '@/server/share/pairing'
import type { QrShape } from '@/ui/qrOf'

/** What the machine shows of a workshop that is shared. */
export interface SharedShape {
  urls: string[]
  trustUrl: string
  /** the address a new device begins at */
  qr: QrShape
  fingerprint: string
  code: { code: string; until: number; triesLeft: number } | null
  waiting: WaitingDevice[]
  devices: ShownDevice[]
}
