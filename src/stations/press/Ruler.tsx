import { readingWords } from '@/core/press/pressureScale'
import type { HeadProps } from './Dial'

/** Marks drawn to either side of the reading, and units between two of them. */
const REACH = 3
const APART = 18

/** A stretch of gauge, notches or marks around where the press stands: the reading under the pointer, the BAT's hollow, tighter to the right. */
export function Ruler({ x, scale, reading, target, label }: HeadProps) {
  const sign = scale.heavier === 'up' ? 1 : -1
  const place = (value: number) => x + ((sign * (value - reading)) / scale.step) * APART
  const nearest = Math.round(reading / scale.step) * scale.step
  const marks = Array.from({ length: 2 * REACH + 1 }, (_, i) => nearest + (i - REACH) * scale.step).filter(
    (value) => value >= scale.least - 1e-9 && value <= scale.most + 1e-9 && Math.abs(place(value) - x) < 60,
  )
  const isHeldNear = target !== null && Math.abs(place(target) - x) < 60
  return (
    <g>
      <path d={`M${x - 58} 48H${x + 58}`} stroke="currentColor" strokeWidth="1.6" />
      {marks.map((value) => (
        <g key={value}>
          <path d={`M${place(value)} 48V36`} stroke="currentColor" strokeWidth="1" />
          <text x={place(value)} y="30" fontSize="10" textAnchor="middle" fill="currentColor">
            {Number(value.toFixed(3))}
          </text>
        </g>
      ))}
      {isHeldNear && (
        <circle
          cx={place(target)}
          cy="48"
          r="6"
          fill="var(--field)"
          stroke="currentColor"
          strokeWidth="1.6"
        />
      )}
      <path d={`M${x} 52L${x - 8} 70H${x + 8}Z`} fill="currentColor" />
      <text x={x} y="90" fontSize="12" textAnchor="middle" fill="currentColor" fontWeight="700">
        {scale.sides === 1 ? '' : `${label} `}
        {readingWords(scale, reading)}
      </text>
    </g>
  )
}
