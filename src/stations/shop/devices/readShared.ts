import { qrOf } from '@/ui/qrOf'
import { sharingNow } from '@/server/share/sharing'
import type { SharedShape } from './sharedShape'

/** What the machine shows of its sharing; null: the workshop is not shared. */
export function readShared(): SharedShape | null {
  const sharing = sharingNow()
  if (!sharing) return null
  const { urls, trustUrl, fingerprint, pairing, devices } = sharing
  return {
    urls: [...urls],
    trustUrl,
    qr: qrOf(trustUrl),
    fingerprint,
    code: pairing.open(),
    waiting: pairing.waiting(),
    devices: devices.list(),
  }
}
