'use client'

import { memo, useState } from 'react'
import { ChevronDown } from 'lucide-react'
import Link from 'next/link'
import { usePathname, useRouter } from 'next/navigation'
import { stationName } from '@/core/prove/purpose'
import { STATION_KEYS, type Station } from '@/core/prove/settings'
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
  name,
  slug,
  isOpen,
  mark,
  word,
}: {
  station: Station
  name: string
  slug: string
  isOpen: boolean
} & StationState) {
  return (
    <li className="relative min-w-0 flex-1">
      <Link
        href={`/jobs/${slug}/${station}`}
        aria-current={isOpen ? 'page' : undefined}
        className={`flex h-13 flex-col items-center justify-center border-b-4 px-2 text-center leading-tight lg:max-xl:px-1 ${isOpen ? 'border-text' : 'border-transparent hover:border-line'}`}
      >
        <span className={`whitespace-nowrap text-[0.9375rem] lg:max-xl:text-sm ${isOpen ? 'font-bold' : ''}`}>
          {name}
        </span>
        <span
          className={`condensed flex items-center gap-1 text-[0.8125rem] whitespace-nowrap ${mark === 'changed' ? 'text-signal' : 'text-muted'}`}
        >
          <StateMark mark={mark} />
          {/* Where all ten would not fit with it, the mark stands alone. */}
          <span className="lg:max-xl:sr-only">{word}</span>
        </span>
      </Link>
    </li>
  )
})

/** Where one is, on a narrow screen: one control that opens to all stations. */
function Whereabouts({
  open,
  isOpen,
  onToggle,
}: {
  open: Station | undefined
  isOpen: boolean
  onToggle: () => void
}) {
  const job = useJob()
  const bench = useBench()
  const at = open && stationState(open, job, bench)
  return (
    <button
      type="button"
      aria-expanded={isOpen}
      aria-controls="stations"
      onClick={onToggle}
      className="flex min-h-12 w-full items-center gap-2 px-4 text-left lg:hidden"
    >
      <b>{open ? stationName(open, job.purpose) : 'Stations'}</b>
      {at && (
        <span
          className={`flex items-center gap-1 text-sm ${at.mark === 'changed' ? 'text-signal' : 'text-muted'}`}
        >
          <StateMark mark={at.mark} />
          {at.word}
        </span>
      )}
      <ChevronDown size={18} aria-hidden className={`ml-auto ${isOpen ? 'rotate-180' : ''}`} />
    </button>
  )
}

/** The stations along one line in working order, each with its state; the open one stands out. On a narrow screen they fold into one control. */
export function StationLine() {
  const job = useJob()
  const bench = useBench()
  const path = usePathname()
  const open = path.split('/')[3]
  const [shownAt, showAt] = useState<string | null>(null)
  const isShown = shownAt === path
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
      className="screen-only relative border-t border-line lg:overflow-x-auto lg:border-t-0"
      onKeyDown={(event) => {
        if (event.key === 'Escape') showAt(null)
      }}
    >
      <Whereabouts
        open={STATION_KEYS.find((station) => station === open)}
        isOpen={isShown}
        onToggle={() => showAt(isShown ? null : path)}
      />
      <ol
        id="stations"
        className={`grid-cols-2 gap-x-2 border-t border-line pb-2 lg:flex lg:min-w-max lg:border-0 lg:pb-0 ${isShown ? 'grid' : 'hidden'}`}
      >
        {STATION_KEYS.map((station) => (
          <StationTab
            key={station}
            station={station}
            name={stationName(station, job.purpose)}
            slug={job.slug}
            isOpen={station === open}
            {...stationState(station, job, bench)}
          />
        ))}
      </ol>
    </nav>
  )
}
