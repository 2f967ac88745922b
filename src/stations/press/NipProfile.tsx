import { formatFine } from '@/core/units/quantity'
import type { NipPoint } from '@/core/press/nip'
import { formatNumber } from '@/core/units/length'

const WIDTH = 300
const HEIGHT = 90
const FLOOR = 66

/** Pressure across the nip from the side: on the plate as a full line, beside it dashed; the peak on the plate is the whole height. */
export function NipProfile({ profile }: { profile: readonly NipPoint[] }) {
  if (profile.length === 0) return null
  const half = profile.at(-1)!.xMm
  const path = (side: 'onPlate' | 'offPlate') =>
    `M${profile.map((point) => `${(WIDTH / 2 + (point.xMm / half) * 120).toFixed(1)} ${(FLOOR - point[side] * 56).toFixed(1)}`).join('L')}`
  const beside = Math.max(...profile.map(({ offPlate }) => offPlate))
  return (
    <figure className="mt-3">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full"
        role="img"
        aria-label={`Pressure across ${formatFine(2 * half, 1)} of contact`}
      >
        <path d={`M10 ${FLOOR}H290`} stroke="currentColor" strokeWidth="0.8" />
        <path d={path('onPlate')} fill="none" stroke="currentColor" strokeWidth="2" />
        <path
          d={path('offPlate')}
          fill="none"
          stroke="currentColor"
          strokeWidth="1.2"
          strokeDasharray="4 3"
        />
        <path
          d={`M30 ${FLOOR + 4}v6M270 ${FLOOR + 4}v6M30 ${FLOOR + 7}H270`}
          stroke="currentColor"
          strokeWidth="0.8"
        />
        <text x={WIDTH / 2} y={FLOOR + 20} fontSize="11" textAnchor="middle" fill="currentColor">
          {formatFine(2 * half, 1)} of contact
        </text>
      </svg>
      <figcaption className="text-xs text-muted">
        Pressure across the nip: on the plate; dashed beside it, at most {formatNumber(100 * beside, 0)} % of
        that.
      </figcaption>
    </figure>
  )
}
