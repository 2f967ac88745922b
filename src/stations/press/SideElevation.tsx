import { gapMm, type PressSetting } from '@/core/press/pressSetting'
import { formatNumber } from '@/core/units/length'

/** Height of the drawing in units; the width is as wide as the roller needs. */
const HEIGHT = 190
const BED_Y = 150

/** The stack from the side, to scale: bed, make-ready, plate, sheet, blankets, and the roller at its gap. */
export function SideElevation({ press, plateMm, caliperMm }: { press: PressSetting | null; plateMm: number | null; caliperMm: number | null }) {
  if (!press) return <p className="border border-line bg-ground p-6 text-muted">Choose press and blankets, and the stack is drawn here to scale.</p>
  const layers = [
    ...(press.makeReadyMm > 0 ? [{ name: 'Make-ready', mm: press.makeReadyMm }] : []),
    ...(plateMm ? [{ name: 'Plate', mm: plateMm }] : []),
    ...(caliperMm ? [{ name: 'Sheet', mm: caliperMm }] : []),
    ...press.pack.map(({ name, thicknessMm }) => ({ name, mm: thicknessMm })),
  ]
  const gap = gapMm(press, (press.turnsLeft + press.turnsRight) / 2)
  const total = layers.reduce((sum, { mm }) => sum + mm, 0)
  const scale = 96 / Math.max(total, gap, 6)
  const floors = layers.map((_, i) => layers.slice(0, i).reduce((sum, { mm }) => sum + mm, 0))
  const nipY = BED_Y - gap * scale
  const radius = press.rollerRadiusMm * scale
  return (
    <figure>
      <svg viewBox={`0 0 300 ${HEIGHT}`} className="w-full" role="img" aria-label={`Stack of ${formatNumber(total, 2)} mm, roller at ${formatNumber(gap, 2)} mm`}>
        {layers.map(({ name, mm }, i) => {
          const y = BED_Y - (floors[i] + mm) * scale
          return (
            <g key={`${name}${i}`}>
              <rect x="30" y={y} width="150" height={mm * scale} fill={name === 'Plate' ? 'var(--edge)' : 'var(--raised)'} stroke="currentColor" strokeWidth="0.8" />
              <text x="188" y={Math.max(10, y + (mm * scale) / 2 + 4)} fontSize="11" fill="currentColor">
                {name} {formatNumber(mm, 2)}
              </text>
            </g>
          )
        })}
        <circle cx="105" cy={nipY - radius} r={radius} fill="none" stroke="currentColor" strokeWidth="1.6" />
        <path d={`M0 ${BED_Y}H300`} stroke="currentColor" strokeWidth="2" />
        <text x="4" y={BED_Y + 16} fontSize="11" fill="currentColor">
          bed
        </text>
        <path d={`M14 ${BED_Y}V${nipY}M10 ${nipY}H100`} stroke="currentColor" strokeWidth="0.8" strokeDasharray="3 2" />
        <text x="4" y={Math.max(10, nipY - 4)} fontSize="11" fill="currentColor">
          {formatNumber(gap, 2)}
        </text>
      </svg>
      <figcaption className="text-xs text-muted">
        From the side, to scale, mm. The stack is {formatNumber(total, 2)} mm; the roller leaves {formatNumber(gap, 2)} mm{total > gap ? `, so it gives way by ${formatNumber(total - gap, 2)} mm` : ': nothing is pressed'}.
      </figcaption>
    </figure>
  )
}
