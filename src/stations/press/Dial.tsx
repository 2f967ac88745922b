import { formatTurns, type PressureScale } from '@/core/press/pressureScale'

/** What is drawn at one side of the press. */
export interface HeadProps {
  x: number
  scale: PressureScale
  reading: number
  /** the BAT's; null: there is none */
  target: number | null
  label: string
}

/** A screw head seen from above: the live hand filled, the BAT's hollow. */
export function Dial({ x, reading, target, label }: HeadProps) {
  const at = (value: number, radius: number) => {
    const angle = (value % 1) * 2 * Math.PI - Math.PI / 2
    return [x + radius * Math.cos(angle), 44 + radius * Math.sin(angle)]
  }
  const [handX, handY] = at(reading, 27)
  const held = target === null ? null : at(target, 31)
  return (
    <g>
      <circle cx={x} cy="44" r="34" fill="none" stroke="currentColor" strokeWidth="1.6" />
      {Array.from({ length: 16 }, (_, i) => {
        const [x1, y1] = at(i / 16, 34)
        const [x2, y2] = at(i / 16, i % 4 === 0 ? 28 : 31)
        return (
          <path
            key={i}
            d={`M${x1} ${y1}L${x2} ${y2}`}
            stroke="currentColor"
            strokeWidth={i % 4 === 0 ? 1.2 : 0.6}
          />
        )
      })}
      {held && (
        <circle cx={held[0]} cy={held[1]} r="5" fill="var(--field)" stroke="currentColor" strokeWidth="1.6" />
      )}
      <path d={`M${x} 44L${handX} ${handY}`} stroke="currentColor" strokeWidth="5" strokeLinecap="round" />
      <circle cx={x} cy="44" r="5" fill="currentColor" />
      <text x={x} y="96" fontSize="12" textAnchor="middle" fill="currentColor" fontWeight="700">
        {label} {formatTurns(reading)}
      </text>
    </g>
  )
}
