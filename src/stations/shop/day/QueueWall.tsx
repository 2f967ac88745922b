'use client'

import { formatFine } from '@/core/units/quantity'
import { useNow } from '@/ui/useNow'
import { useZone } from '@/ui/ViewerZone'
import { useRefresh } from '@/ui/useRefresh'
import { boardAt, type Turn } from '@/core/day/pressQueue'
import { wallClock } from './daySpans'

/** How often a live wall asks anew, ms. */
const REFRESH_MS = 15_000

/** The queue read from across the room: who is up, who prepares, who waits, who is next. */
export function QueueWall({
  name,
  startAt,
  turns,
  isLive = false,
}: {
  name: string
  /** the moment the minutes of the turns count from */
  startAt: string
  turns: readonly Turn[]
  /** asked for anew now and then: it moves with what is said at the press */
  isLive?: boolean
}) {
  const zone = useZone()
  const [now] = useNow(1000)
  useRefresh(isLive ? REFRESH_MS : null)
  const endMinutes = Math.max(0, ...turns.map(({ pressTo }) => pressTo))
  const minute = (now - Date.parse(startAt)) / 60_000
  const board = boardAt(turns, Math.max(-1, minute))
  const time = (minutes: number) => wallClock(startAt, minutes, zone)
  return (
    <div>
      <div className="flex flex-wrap items-baseline justify-between gap-4 border-b-2 border-text pb-2">
        <h1 className="station-title text-3xl">{name}</h1>
        <p className="far-number text-5xl">{time(minute)}</p>
      </div>
      {minute >= endMinutes && <p className="mt-6 text-3xl">Everyone is through.</p>}
      {minute < endMinutes && (
        <div className="mt-6 grid gap-8 lg:grid-cols-2">
          <Column
            title="At the press"
            turns={board.atPress}
            large
            words={(turn) =>
              `until ${time(turn.pressTo)}${turn.makeReadyMm > 0 ? `; ${formatFine(turn.makeReadyMm, 2)} under the plate` : ''}`
            }
            none={minute < 0 ? `We begin at ${time(0)}.` : 'The press is free.'}
          />
          <Column
            title="Then"
            turns={[...board.waiting, ...board.preparing]
              .sort((a, b) => a.pressFrom - b.pressFrom)
              .slice(0, 1)}
            large
            words={(turn) => `at ${time(turn.pressFrom)}`}
            none="Nobody yet."
          />
          <Column
            title="Inking and wiping"
            turns={board.preparing}
            words={(turn) => `place ${turn.place}, up at ${time(turn.pressFrom)}`}
            none="Nobody."
          />
          <Column
            title="Prepares next"
            turns={board.next}
            words={(turn) => `at ${time(turn.prepFrom)}, place ${turn.place}`}
            none="Nobody more."
          />
        </div>
      )}
    </div>
  )
}

function Column({
  title,
  turns,
  words,
  none,
  large = false,
}: {
  title: string
  turns: readonly Turn[]
  words: (turn: Turn) => string
  none: string
  large?: boolean
}) {
  return (
    <section aria-label={title}>
      <h2 className="border-b border-line text-xl">{title}</h2>
      {turns.length === 0 && <p className="mt-2 text-xl text-muted">{none}</p>}
      <ul>
        {turns.map((turn) => (
          <li key={turn.name} className="mt-2">
            <span className={large ? 'far-number text-6xl' : 'text-3xl font-semibold'}>{turn.name}</span>{' '}
            <span className="text-xl">{words(turn)}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
