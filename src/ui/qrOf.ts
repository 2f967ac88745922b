import { encode } from 'uqr'

/** A QR code as an SVG path over a square of `size`. */
export interface QrShape {
  path: string
  size: number
}

/** A text as a QR code (ISO/IEC 18004), one square of its path a module. Made on the server: pages only draw it. */
export function qrOf(text: string): QrShape {
  const { data, size } = encode(text, { ecc: 'M', border: 4 })
  const path = data
    .flatMap((row, y) => row.flatMap((isDark, x) => (isDark ? [`M${x} ${y}h1v1h-1z`] : [])))
    .join('')
  return { path, size }
}
