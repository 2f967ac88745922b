import type { QrShape } from './qrOf'

/** A QR code, black on white whatever the page is. @param says what it holds, for those who do not see it */
export const QrCode = ({ qr, says, className }: { qr: QrShape; says: string; className: string }) => (
  <svg
    viewBox={`0 0 ${qr.size} ${qr.size}`}
    className={`bg-white ${className}`}
    role="img"
    aria-label={says}
    shapeRendering="crispEdges"
  >
    <path d={qr.path} fill="#000" />
  </svg>
)
