'use client'

import { STATIONS } from '@/core/prove/settings'
import type { MorningLine } from '@/core/morning/morningSheet'
import type { WorkshopLine } from '@/core/morning/workshopLines'
import { useRefresh } from '@/ui/useRefresh'
import { useTurning } from '@/ui/useTurning'

/** How often a wall asks anew, ms. */
const REFRESH_MS = 60_000
/** How long a screenful stands before the next is shown, ms. */
const TURN_MS = 20_000

/** Lines under one heading, read from a metre and more. What asks for an act comes first, and bold. */
function WallLines({
  title,
  lines,
}: {
  title: string
  lines: readonly { at: string; text: string; act: boolean }[]
}) {
  if (lines.length === 0) return null
  const inOrder = lines.toSorted((a, b) => Number(b.act) - Number(a.act))
  return (
    <section aria-label={title} className="mt-6 break-inside-avoid">
      <h2 className="station-title border-b-2 border-text pb-1 text-3xl">{title}</h2>
      <ul>
        {inOrder.map(({ at, text, act }) => (
          <li
            key={at + text}
            className="grid gap-x-6 border-b border-line py-2 sm:grid-cols-[9rem_minmax(0,1fr)]"
          >
            <span className="text-xl text-muted">{at}</span>
            <span className={`text-[1.75rem] leading-snug ${act ? 'font-semibold' : ''}`}>{text}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** Today's sheet on a wall: to be read by whoever stands at a bench, and nothing to press. */
export function TodayWall({
  says,
  because,
  ours,
  sheets,
}: {
  says: string
  because: string
  ours: readonly WorkshopLine[]
  sheets: readonly { id: string; title: string; lines: readonly MorningLine[] }[]
}) {
  useRefresh(REFRESH_MS)
  useTurning(TURN_MS)
  return (
    <div>
      <h1 className="station-title text-4xl">{says}</h1>
      <p className="mt-2 text-xl text-muted">{because}</p>
      {/* As much as fits stands side by side; the rest comes by turns. */}
      <div className="gap-x-10 2xl:columns-2">
        <WallLines
          title="The workshop"
          lines={ours.map(({ heading, text, act }) => ({ at: heading, text, act }))}
        />
        {sheets.map(({ id, title, lines }) => (
          <WallLines
            key={id}
            title={title}
            lines={lines.map(({ station, text, act }) => ({ at: STATIONS[station], text, act }))}
          />
        ))}
      </div>
    </div>
  )
}
