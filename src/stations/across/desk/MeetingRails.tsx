import { RAILS, type PlannedSegment, type Rail } from '@/core/edition/meeting'
import type { OwnRails } from '@/core/edition/deskRails'

const WIDTH = 1000
const END = 880
const ROLLER = { x: 935, y: 100, r: 42 }
const Y: Record<Rail, number> = { plate: 52, sheet: 132 }
const HEIGHT_OF_RAIL = 26

interface MeetingRailsProps {
  planned: Record<Rail, readonly PlannedSegment[]>
  rails: OwnRails
  /** how the segments of the last pulls lay before the roller */
  courses: readonly { rail: Rail; secondsBefore: number }[][]
  now: number
}

/**
 * Two rails on one time axis that run into the roller: the BAT's segments hollow, what was done filled, the last pulls as
 * hairlines. A rail under way slides toward the roller, so that two which will meet end at the same place.
 */
export function MeetingRails({ planned, rails, courses, now }: MeetingRailsProps) {
  const total = (rail: Rail) => planned[rail].reduce((sum, { seconds }) => sum + seconds, 0)
  const longest = Math.max(60, total('plate'), total('sheet'))
  const scale = (END - 20) / longest
  const place = (rail: Rail) =>
    planned[rail].map(({ seconds }, i) => ({
      i,
      x: END - (total(rail) - planned[rail].slice(0, i).reduce((sum, one) => sum + one.seconds, 0)) * scale,
      width: Math.max(1, seconds * scale),
    }))
  const filled = (rail: Rail, i: number, width: number) => {
    const { begun } = rails[rail]
    if (i >= begun.length) return 0
    const end = begun[i + 1] ?? now
    return Math.min(1, (end - begun[i]) / 1000 / Math.max(1, planned[rail][i].seconds)) * width
  }
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 200`}
      className="h-full w-full"
      role="img"
      aria-label="Plate and sheet on their way to the roller"
    >
      {(Object.keys(RAILS) as Rail[]).map((rail) => (
        <g key={rail}>
          <path
            d={`M20 ${Y[rail] + HEIGHT_OF_RAIL / 2}H${END}L${ROLLER.x - 20} ${ROLLER.y + (rail === 'plate' ? -8 : 8)}`}
            fill="none"
            stroke="currentColor"
            strokeWidth="1"
          />
          {courses.flatMap((course, c) =>
            course
              .filter((one) => one.rail === rail)
              .map(({ secondsBefore }, i) => {
                const x = END - secondsBefore * scale
                return x < 10 ? null : (
                  <path
                    key={`${c}-${i}`}
                    d={`M${x} ${Y[rail] - 8}V${Y[rail]}`}
                    stroke="currentColor"
                    strokeWidth="0.7"
                  />
                )
              }),
          )}
          {place(rail).map(({ i, x, width }) => {
            const { step } = planned[rail][i]
            const running = rails[rail].begun.length - 1 === i
            return (
              <g key={i}>
                <rect
                  x={x}
                  y={Y[rail]}
                  width={width}
                  height={HEIGHT_OF_RAIL}
                  fill="var(--ground)"
                  stroke="currentColor"
                  strokeWidth={running ? 3 : 1.2}
                />
                <rect
                  x={x}
                  y={Y[rail]}
                  width={filled(rail, i, width)}
                  height={HEIGHT_OF_RAIL}
                  fill="currentColor"
                />
                {width > 44 && (
                  <text
                    x={x + 3}
                    y={rail === 'plate' ? Y[rail] - 12 : Y[rail] + HEIGHT_OF_RAIL + 18}
                    fontSize="14"
                    fill="currentColor"
                    fontWeight={running ? 800 : 400}
                  >
                    {step.length * 7 > width ? `${step.slice(0, Math.max(3, Math.floor(width / 8)))}…` : step}
                  </text>
                )}
              </g>
            )
          })}
          <text x="0" y={rail === 'plate' ? 14 : 196} fontSize="16" fontWeight="700" fill="currentColor">
            {RAILS[rail]}
          </text>
        </g>
      ))}
      <circle
        cx={ROLLER.x}
        cy={ROLLER.y}
        r={ROLLER.r}
        fill="var(--raised)"
        stroke="currentColor"
        strokeWidth="3"
      />
      <circle cx={ROLLER.x} cy={ROLLER.y} r="5" fill="currentColor" />
    </svg>
  )
}
