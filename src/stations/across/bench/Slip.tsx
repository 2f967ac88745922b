'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { memo, useState } from 'react'
import { ChevronDown, ChevronRight, PanelRightClose, PanelRightOpen } from 'lucide-react'
import { purposeFacts } from '@/core/prove/purpose'
import { capital } from '@/core/units/capital'
import { counted } from '@/core/units/counted'
import { compareSettings, type SettingDifference } from '@/core/prove/compareSettings'
import { STATIONS, type Bench } from '@/core/prove/settings'
import { outsideBat } from '@/core/prove/outsideBat'
import { leftAsLaidOut } from '@/core/prove/settingOrigins'
import { readSlip } from '@/core/prove/tolerance'
import { useKeptText } from '@/ui/useKeptText'
import { useBench, useJob, type BenchJob } from './BenchContext'
import type { SettingLine } from './StationSettings'

/** Read when a station is opened: on most days the line above says enough. */
const StationSettings = dynamic(() => import('./StationSettings').then((module) => module.StationSettings), {
  ssr: false,
})

/** What the bench is held against: the BAT once there is one, before it the last proof. */
interface Held {
  title: string
  differing: SettingDifference[]
  /** what the other value is called, before it stands */
  other: string
  /** what is said where nothing differs */
  none: string
}

function heldAgainst(job: BenchJob, bench: Bench): Held {
  if (job.bat)
    return {
      title: `Against BAT ${job.bat.version}${job.bat.isFromPicture ? ', from a picture' : ''}`,
      differing: outsideBat(bench, job.bat),
      other: 'BAT',
      none: 'Every setting matches.',
    }
  const last = job.lastTry
  if (last)
    return {
      title: `${capital(last.kind)} ${last.number + 1} will be`,
      differing: compareSettings(last.settings, bench),
      other: `${last.kind} ${last.number}`,
      none: `All as ${last.kind} ${last.number}.`,
    }
  return {
    title: 'Settings',
    differing: [],
    other: '',
    none: purposeFacts(job.purpose).asksBat
      ? 'No BAT yet: no proof is approved.'
      : 'As they stand on the bench.',
  }
}

/** One setting that differs, with both values, and the way to where it is set. */
function Differing({
  difference: { station, label, before, after },
  other,
  isOutside,
  slug,
}: {
  difference: SettingDifference
  other: string
  /** the one colour is kept for what differs from the BAT */
  isOutside: boolean
  slug: string
}) {
  return (
    <li className={`mb-1.5 border-l-4 pl-2.5 ${isOutside ? 'border-signal' : 'border-text'}`}>
      <Link
        href={`/jobs/${slug}/${station}`}
        className="inline-flex min-h-6 items-center font-semibold underline-offset-4 hover:underline"
      >
        {STATIONS[station]}: {label}
      </Link>
      <span className="block">
        <b className={isOutside ? 'text-signal' : ''}>{after ?? 'left out'}</b>, {other}{' '}
        {before ?? 'without it'}
      </span>
    </li>
  )
}

/** One station in a word or two: how much of it is as it should be, and how much of it nobody set. */
function tally(lines: readonly SettingLine[], isHeld: boolean): string {
  const count = (is: (line: SettingLine) => boolean) => lines.filter(is).length
  const laidOut = count(({ isLaidOut }) => isLaidOut)
  return [
    isHeld ? `${count(({ standing }) => standing !== 'outside')} match` : `${lines.length} set`,
    ...(laidOut > 0 ? [`${laidOut} laid out`] : []),
  ].join(', ')
}

interface SlipStationProps {
  station: SettingLine['station']
  lines: readonly SettingLine[]
  isHeld: boolean
  slug: string
}

/** A station's line, which opens: drawn anew only when one of its settings says something else, so that a key at one station moves that station. */
const SlipStation = memo(
  function SlipStation({ station, lines, isHeld, slug }: SlipStationProps) {
    const [isOpen, setOpen] = useState(false)
    const Mark = isOpen ? ChevronDown : ChevronRight
    return (
      <li className="border-t border-line">
        <div className="flex items-center justify-between gap-2">
          <Link
            href={`/jobs/${slug}/${station}`}
            className="inline-flex min-h-9 items-center font-semibold underline-offset-4 hover:underline"
          >
            {STATIONS[station]}
          </Link>
          <button
            type="button"
            aria-expanded={isOpen}
            aria-label={`${STATIONS[station]}, ${tally(lines, isHeld)}`}
            onClick={() => setOpen(!isOpen)}
            className="inline-flex min-h-9 items-center gap-1 text-muted"
          >
            {tally(lines, isHeld)} <Mark size={14} aria-hidden />
          </button>
        </div>
        {isOpen && <StationSettings title={STATIONS[station]} lines={lines} isHeld={isHeld} />}
      </li>
    )
  },
  (before, now) =>
    before.isHeld === now.isHeld &&
    before.slug === now.slug &&
    JSON.stringify(before.lines) === JSON.stringify(now.lines),
)

/**
 * The column at the right: what differs from the BAT, or before it what the next proof changes, with both values; the rest one line a station,
 * each of which opens to its settings. It folds away, and this device remembers that.
 */
export function Slip() {
  const job = useJob()
  const bench = useBench()
  const [folded, fold] = useKeptText('typothesis-settings-folded')
  const isFolded = folded !== ''
  const isHeld = job.bat !== null
  const held = heldAgainst(job, bench)
  const { length: differing } = held.differing
  const says =
    differing > 0
      ? `${counted(differing, 'differs', 'differ')} from ${isHeld ? 'the BAT' : held.other}`
      : held.none
  const Fold = isFolded ? PanelRightOpen : PanelRightClose
  const laidOut = new Set(leftAsLaidOut(bench).map(({ key }) => key))
  const lines = readSlip(bench, job.bat).map((line): SettingLine => ({
    ...line,
    isLaidOut: line.now !== null && laidOut.has(line.key),
  }))
  const stations = [...new Set(lines.map((line) => line.station))]
  return (
    <aside
      aria-label="Settings"
      data-settings={isFolded ? 'folded' : 'open'}
      className={`screen-only condensed border-line text-sm lg:border-l ${isFolded ? '' : 'pr-1 pb-4 pl-4'}`}
    >
      <div className={`flex items-center gap-2 ${isFolded ? 'lg:flex-col' : 'justify-between'}`}>
        {!isFolded && <h2 className="station-title text-base">{held.title}</h2>}
        <button
          type="button"
          aria-expanded={!isFolded}
          aria-label={isFolded ? 'Unfold the settings' : 'Fold the settings'}
          onClick={() => fold(isFolded ? '' : 'folded')}
          className="grid size-11 shrink-0 place-items-center"
        >
          <Fold size={16} aria-hidden />
        </button>
        {isFolded && differing > 0 && (
          <p className={`font-semibold ${isHeld ? 'text-signal' : ''}`}>
            <span aria-hidden>
              {isHeld && '◆ '}
              {differing}
            </span>
            <span className="sr-only">{says}</span>
          </p>
        )}
      </div>
      {!isFolded && (
        <div className="pr-3">
          <p className={`mb-2 ${differing > 0 && isHeld ? 'font-semibold text-signal' : 'text-muted'}`}>
            {differing > 0 && isHeld && '◆ '}
            {says}
          </p>
          {differing > 0 && (
            <ul aria-label="What differs" className="mb-3">
              {held.differing.map((difference) => (
                <Differing
                  key={difference.key}
                  difference={difference}
                  other={held.other}
                  isOutside={isHeld}
                  slug={job.slug}
                />
              ))}
            </ul>
          )}
          {lines.length === 0 && <p className="text-muted">Nothing is set yet. Begin with the plate.</p>}
          <ul aria-label="Every setting, by station">
            {stations.map((station) => (
              <SlipStation
                key={station}
                station={station}
                lines={lines.filter((line) => line.station === station)}
                isHeld={isHeld}
                slug={job.slug}
              />
            ))}
          </ul>
        </div>
      )}
    </aside>
  )
}
