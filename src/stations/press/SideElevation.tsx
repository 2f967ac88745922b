import { formatFine, lengthUnit, shownMm } from '@/core/units/quantity'
import { gapMm, middleReading, type PressSetting } from '@/core/press/pressSetting'
import { stackInOrder } from '@/core/press/laidStack'
import type { PressureScale } from '@/core/press/pressureScale'

/** Height of the drawing in units; the width is as wide as the roller needs. */
const HEIGHT = 190
const BED_Y = 150
/** Least distance between two labels. */
const LABEL_STEP = 13

/** The stack from the side, to scale and as it is laid, and the roller at its gap. */
export function SideElevation({
  press,
  plateMm,
  caliperMm,
}: {
  press: PressSetting | null
  plateMm: number | null
  caliperMm: number | null
}) {
  if (!press)
    return (
      <p className="border border-line bg-ground p-6 text-muted">
        Choose press and blankets, and the stack is drawn here to scale.
      </p>
    )
  const layers = stackInOrder(press, plateMm, caliperMm)
  const gap = gapMm(press, middleReading(press))
  const total = layers.reduce((sum, { mm }) => sum + mm, 0)
  const scale = 96 / Math.max(total, gap ?? 0, 6)
  const floors = layers.map((_, i) => layers.slice(0, i).reduce((sum, { mm }) => sum + mm, 0))
  // Labels of thin layers would lie on one another: each keeps its distance from the one below.
  const labelY = layers.reduce<number[]>(
    (placed, { mm }, i) => [
      ...placed,
      Math.min(BED_Y - (floors[i] + mm / 2) * scale + 4, (placed[i - 1] ?? BED_Y + 9) - LABEL_STEP),
    ],
    [],
  )
  // Where nobody measured the gap, the roller is drawn as it just touches.
  const nipY = BED_Y - (gap ?? total) * scale
  const radius = press.rollerRadiusMm * scale
  return (
    <figure>
      <svg
        viewBox={`0 0 300 ${HEIGHT}`}
        className="w-full"
        role="img"
        aria-label={`Stack of ${formatFine(total, 2)}${gap === null ? '' : `, roller at ${formatFine(gap, 2)}`}`}
      >
        {layers.map(({ name, mm, what }, i) => {
          const y = BED_Y - (floors[i] + mm) * scale
          const middle = y + (mm * scale) / 2
          return (
            <g key={`${name}${i}`}>
              <rect
                x="30"
                y={y}
                width="150"
                height={mm * scale}
                fill={what === 'plate' ? 'var(--edge)' : 'var(--raised)'}
                stroke="currentColor"
                strokeWidth="0.8"
              />
              <path
                d={`M180 ${middle}L200 ${labelY[i] - 4}`}
                stroke="currentColor"
                strokeWidth="0.5"
                fill="none"
              />
              <text x="204" y={labelY[i]} fontSize="11" fill="currentColor">
                {name} {shownMm(mm, 2)}
              </text>
            </g>
          )
        })}
        <clipPath id="over-the-stack">
          <rect x="18" y="0" width="174" height={HEIGHT} />
        </clipPath>
        <circle
          cx="105"
          cy={nipY - radius}
          r={radius}
          fill="none"
          stroke="currentColor"
          strokeWidth="2"
          clipPath="url(#over-the-stack)"
        />
        <path d={`M0 ${BED_Y}H300`} stroke="currentColor" strokeWidth="2" />
        <text x="4" y={BED_Y + 16} fontSize="11" fill="currentColor">
          bed
        </text>
        {gap !== null && <GapMark gap={gap} nipY={nipY} />}
      </svg>
      <figcaption className="text-xs text-muted">
        From the side, to scale, {lengthUnit()}. The stack is {formatFine(total, 2)}
        {gap === null ? `; ${UNMEASURED[press.scale.id] ?? UNMEASURED.feel}` : gapWords(gap, total)}.
      </figcaption>
    </figure>
  )
}

const UNMEASURED: Partial<Record<PressureScale['id'], string>> = {
  hand: 'a hand rolls or rubs over it',
  feel: 'nobody measured where the roller stands, and it is drawn as it touches',
}

/** What the roller leaves, and how far the stack gives way. */
const gapWords = (gap: number, total: number): string =>
  `; the roller leaves ${formatFine(gap, 2)}${total > gap ? `, so it gives way by ${formatFine(total - gap, 2)}` : ': nothing is pressed'}`

function GapMark({ gap, nipY }: { gap: number; nipY: number }) {
  return (
    <>
      <path
        d={`M14 ${BED_Y}V${nipY}M10 ${nipY}H100`}
        stroke="currentColor"
        strokeWidth="0.8"
        strokeDasharray="3 2"
      />
      <text x="4" y={Math.max(10, nipY - 4)} fontSize="11" fill="currentColor">
        {shownMm(gap, 2)}
      </text>
    </>
  )
}
