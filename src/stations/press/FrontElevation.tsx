'use client'

import { formatTurns } from '@/core/press/pressSetting'
import { Button } from '@/ui/Button'

type Screw = 'readingLeft' | 'readingRight'

interface FrontElevationProps {
  readingLeft: number
  readingRight: number
  mmPerTurn: number
  target: { readingLeft: number; readingRight: number } | null
  /** squeeze as a percentage of the BAT's */
  left: number | null
  right: number | null
  onTurn: (screws: Screw[], by: number) => void
}

/** How much the lean of the roller is exaggerated; printed beside the drawing. */
const TILT_FACTOR = 12
/** Drawing units a millimetre of lean takes before it is exaggerated. */
const UNITS_PER_MM = 1.6

/** A screw head seen from above: the live hand filled, the BAT's hollow. */
function Dial({
  x,
  turns,
  target,
  label,
}: {
  x: number
  turns: number
  target: number | null
  label: string
}) {
  const at = (value: number, radius: number) => {
    const angle = (value % 1) * 2 * Math.PI - Math.PI / 2
    return [x + radius * Math.cos(angle), 44 + radius * Math.sin(angle)]
  }
  const [handX, handY] = at(turns, 27)
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
        {label} {formatTurns(turns)}
      </text>
    </g>
  )
}

/** How light the print is likely to be across, from squeeze at both sides: the strip under the roller. */
function stripGrey(squeeze: number | null): string {
  const share = squeeze === null ? 100 : Math.max(40, Math.min(160, squeeze))
  const level = Math.round(70 + (160 - share) * 1.25)
  return `rgb(${level} ${level} ${level})`
}

/** The press from the front: screw heads as dials, the roller's lean exaggerated, and a strip that forecasts lightness. */
export function FrontElevation({
  readingLeft,
  readingRight,
  mmPerTurn,
  target,
  left,
  right,
  onTurn,
}: FrontElevationProps) {
  const lean = Math.max(
    -22,
    Math.min(22, (readingRight - readingLeft) * mmPerTurn * UNITS_PER_MM * TILT_FACTOR),
  )
  const big = 'min-h-14 justify-center px-2'
  return (
    <div>
      <svg
        viewBox="0 0 420 208"
        className="w-full"
        role="img"
        aria-label={`Press from the front: left ${formatTurns(readingLeft)}, right ${formatTurns(readingRight)} from zero`}
      >
        <defs>
          <linearGradient id="lightness">
            <stop offset="0" stopColor={stripGrey(left)} />
            <stop offset="1" stopColor={stripGrey(right)} />
          </linearGradient>
        </defs>
        <Dial x={60} turns={readingLeft} target={target?.readingLeft ?? null} label="Left" />
        <Dial x={360} turns={readingRight} target={target?.readingRight ?? null} label="Right" />
        <path d="M60 102V182M360 102V182" stroke="currentColor" strokeWidth="3" />
        <path
          d={`M40 ${134 + lean / 2}L380 ${134 - lean / 2}L380 ${164 - lean / 2}L40 ${164 + lean / 2}Z`}
          fill="var(--raised)"
          stroke="currentColor"
          strokeWidth="1.6"
        />
        <path d={`M40 ${142 + lean / 2}L380 ${142 - lean / 2}`} stroke="currentColor" strokeWidth="0.5" />
        <rect
          x="40"
          y="186"
          width="340"
          height="12"
          fill="url(#lightness)"
          stroke="currentColor"
          strokeWidth="0.8"
        />
        <text x="210" y="18" fontSize="11" textAnchor="middle" fill="currentColor">
          outline: the BAT
        </text>
        <text x="210" y="122" fontSize="11" textAnchor="middle" fill="currentColor">
          roller, lean shown {TILT_FACTOR} ×
        </text>
      </svg>
      <p className="text-xs text-muted">
        The strip forecasts how dark the print comes out from left to right
        {left === null ? ', where the squeeze can be compared with a BAT’s' : ''}.
      </p>
      <div className="mt-2 grid grid-cols-3 gap-2" role="group" aria-label="Turn the screws by a quarter">
        <Button className={big} onClick={() => onTurn(['readingLeft'], -0.25)}>
          Tighten left ¼
        </Button>
        <Button className={big} onClick={() => onTurn(['readingLeft', 'readingRight'], -0.25)}>
          Tighten both ¼
        </Button>
        <Button className={big} onClick={() => onTurn(['readingRight'], -0.25)}>
          Tighten right ¼
        </Button>
        <Button className={big} onClick={() => onTurn(['readingLeft'], 0.25)}>
          Loosen left ¼
        </Button>
        <Button className={big} onClick={() => onTurn(['readingLeft', 'readingRight'], 0.25)}>
          Loosen both ¼
        </Button>
        <Button className={big} onClick={() => onTurn(['readingRight'], 0.25)}>
          Loosen right ¼
        </Button>
      </div>
    </div>
  )
}
