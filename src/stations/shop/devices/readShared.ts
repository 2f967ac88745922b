import { encode } from 'uqr'
import { sharingNow } from '@/server/share/sharing'
import type { SharedShape } from './sharedShape'

/** A text as a QR code (ISO/IEC 18004), one square of its path a module. */
export function qrOf(text: string): SharedShape['qr'] {
  const { data, size } = encode(text, { ecc: 'M', border: 4 })
  const path = data
    .flatMap((row, y) => row.flatMap((isDark, x) => (isDark ? [`M${x} ${y}h1v1h-1z`] : [])))
    .join('')
  return { path, size }
}

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
