'use client'

import { memo } from 'react'
import Link from 'next/link'
import { usePathname, useRouter } from 'next/navigation'
import { STATION_KEYS, STATIONS, type Station } from '@/core/prove/settings'
import { useKey } from '@/ui/useKey'
import type { KeyNames } from '@/ui/viewKeys'
import { useBench, useJob } from './BenchContext'
import { stationState, type StationState } from './stationState'

const STATION_LINE_KEYS: KeyNames = [['[ and ]', 'Station before, station after']]

/** The shape of a station's state: full square set, open ring needs you, diamond changed, dash later. */
function StateMark({ mark }: { mark: StationState['mark'] }) {
  return (
    <svg
      width="10"
      height="10"
      viewBox="0 0 14 14"
      aria-hidden
      className={mark === 'changed' ? 'text-signal' : ''}
    >
      {mark === 'set' && <rect x="3" y="3" width="8" height="8" fill="currentColor" />}
      {mark === 'needs-you' && (
        <circle cx="7" cy="7" r="4.6" fill="none" stroke="currentColor" strokeWidth="2" />
      )}
      {mark === 'changed' && <path d="M7 1 13 7 7 13 1 7Z" fill="currentColor" />}
      {mark === 'later' && <path d="M3 7H11" stroke="currentColor" strokeWidth="1.5" />}
    </svg>
  )
}

/** One station of the line; drawn anew only when its state is another. */
const StationTab = memo(function StationTab({
  station,
  slug,
  isOpen,
  mark,
  word,
}: {
  station: Station
  slug: string
  isOpen: boolean
} & StationState) {
  return (
    <li className="relative min-w-0 flex-1">
      <Link
        href={`/jobs/${slug}/${station}`}
        aria-current={isOpen ? 'page' : undefined}
        className={`flex h-13 flex-col items-center justify-center border-b-4 px-2 text-center leading-tight ${isOpen ? 'border-text' : 'border-transparent hover:border-line'}`}
      >
        <span className={`whitespace-nowrap text-[0.9375rem] ${isOpen ? 'font-bold' : ''}`}>
          {STATIONS[station]}
        </span>
        <span
          className={`condensed flex items-center gap-1 text-[0.8125rem] whitespace-nowrap ${mark === 'changed' ? 'text-signal' : 'text-muted'}`}
        >
          <StateMark mark={mark} />
          {word}
        </span>
      </Link>
    </li>
  )
})

/** The stations along one line in working order, each with its state; the open one stands out. */
export function StationLine() {
  const job = useJob()
  const bench = useBench()
  const open = usePathname().split('/')[3]
  const router = useRouter()
  useKey(STATION_LINE_KEYS, (event) => {
    const step = { '[': -1, ']': 1 }[event.key] ?? 0
    const next = STATION_KEYS[STATION_KEYS.findIndex((station) => station === open) + step]
    if (step === 0 || !next) return false
    router.push(`/jobs/${job.slug}/${next}`)
    return true
  })
  return (
    <nav
      aria-label="Stations"
      className="screen-only relative overflow-x-auto border-t border-line lg:border-t-0"
    >
      <ol className="flex min-w-max">
        {STATION_KEYS.map((station) => (
          <StationTab
            key={station}
            station={station}
            slug={job.slug}
            isOpen={station === open}
            {...stationState(station, job, bench)}
          />
        ))}
      </ol>
    </nav>
  )
}
