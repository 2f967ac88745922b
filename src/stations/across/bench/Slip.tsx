'use client'

import Link from 'next/link'
import { memo } from 'react'
import { counted } from '@/core/units/counted'
import { STATIONS } from '@/core/prove/settings'
import type { SettingDifference } from '@/core/prove/compareSettings'
import { outsideBat } from '@/core/prove/outsideBat'
import { originOf } from '@/core/prove/settingOrigins'
import { readSlip, type SlipLine } from '@/core/prove/tolerance'
import { useBench, useJob } from './BenchContext'

/** Tolerance as a small gauge: the bar is what may be, the tick is the BAT, the mark is now: dot within, diamond outside. */
function Gauge({ line }: { line: SlipLine }) {
  if (line.standing === 'no-bat' || (line.tolerance === null && line.standing === 'as-bat')) return null
  const offset = line.offset ?? (line.standing === 'outside' ? 2 : 0)
  const x = 24 + Math.max(-1.75, Math.min(1.75, offset)) * 11
  const outside = line.standing === 'outside'
  return (
    <svg width="48" height="14" viewBox="0 0 48 14" aria-hidden className={outside ? 'text-signal' : ''}>
      <path d="M13 7H35" stroke="var(--edge)" strokeWidth="5" opacity="0.35" />
      <path d="M24 2V12" stroke="var(--edge)" strokeWidth="1" />
      {outside ? (
        <path d={`M${x} 2 ${x + 5} 7 ${x} 12 ${x - 5} 7Z`} fill="currentColor" />
      ) : (
        <circle cx={x} cy="7" r="3" fill="currentColor" />
      )}
    </svg>
  )
}

const STANDING: Record<SlipLine['standing'], string> = {
  'as-bat': 'as the BAT',
  within: 'within tolerance',
  outside: 'differs from the BAT',
  'no-bat': '',
}

/** A line of the Slip, and whether what stands there was only laid out. */
type Line = SlipLine & { isLaidOut: boolean }

interface SlipStationProps {
  station: SlipLine['station']
  lines: readonly Line[]
  /** whether there is a BAT to hold the lines to */
  isHeld: boolean
}

/** One station in a word or two: how much of it stands as it should, and how much of it nobody set. */
function tally(lines: readonly Line[], isHeld: boolean): string {
  const count = (is: (line: Line) => boolean) => lines.filter(is).length
  const matching = count(({ standing }) => standing !== 'outside')
  const laidOut = count(({ isLaidOut }) => isLaidOut)
  return [
    isHeld ? `${matching} match` : `${lines.length} set`,
    ...(laidOut > 0 ? [`${laidOut} laid out`] : []),
  ].join(', ')
}

/** What is outside the BAT, with both values, and the way to where it is set. */
function Outside({ station, label, before, after, slug }: SettingDifference & { slug: string }) {
  return (
    <li className="mb-1.5 border-l-4 border-signal pl-2.5">
      <Link href={`/jobs/${slug}/${station}`} className="font-semibold underline-offset-4 hover:underline">
        {STATIONS[station]}: {label}
      </Link>
      <span className="block">
        <b className="text-signal">{after ?? 'left out'}</b>, BAT {before ?? 'without it'}
      </span>
    </li>
  )
}

/** The lines of one station: drawn anew only when one of them says something else, so that a key at one station moves that station. */
const SlipStation = memo(
  function SlipStation({ station, lines, isHeld }: SlipStationProps) {
    return (
      <details className="border-t border-line">
        <summary className="flex min-h-9 cursor-pointer list-none items-center justify-between gap-2 [&::-webkit-details-marker]:hidden">
          <span className="font-semibold">{STATIONS[station]}</span>
          <span className="text-muted">{tally(lines, isHeld)}</span>
        </summary>
        <table className="mb-2 w-full table-fixed">
          <caption className="sr-only">{STATIONS[station]}</caption>
          <colgroup>
            <col className="w-[38%]" />
            {isHeld && <col />}
            <col />
            {isHeld && <col className="w-12" />}
          </colgroup>
          <thead className="sr-only">
            <tr>
              <th scope="col">Setting</th>
              {isHeld && <th scope="col">BAT</th>}
              <th scope="col">Now</th>
              {isHeld && <th scope="col">Tolerance</th>}
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr key={line.key} className={line.standing === 'outside' ? 'font-semibold text-signal' : ''}>
                <th
                  scope="row"
                  className="truncate py-px pr-2 text-left font-normal text-muted"
                  title={line.label}
                >
                  {line.label}
                </th>
                {isHeld && line.standing === 'outside' && (
                  <td className="truncate pr-2 text-muted" title={line.bat ?? 'not in the BAT'}>
                    {line.bat ?? '—'}
                  </td>
                )}
                <td
                  colSpan={isHeld && line.standing !== 'outside' ? 2 : 1}
                  className="truncate"
                  title={line.now ?? 'left out'}
                >
                  {line.isLaidOut ? (
                    <span className="text-muted italic">
                      {line.now} <span className="not-italic">(laid out)</span>
                    </span>
                  ) : (
                    (line.now ?? 'left out')
                  )}
                </td>
                {isHeld && (
                  <td>
                    <Gauge line={line} />
                    <span className="sr-only">{STANDING[line.standing]}</span>
                  </td>
                )}
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    )
  },
  (before, now) => before.isHeld === now.isHeld && JSON.stringify(before.lines) === JSON.stringify(now.lines),
)

/** The Slip: what is outside the BAT with both values; the rest one line a station, each of which opens to its settings. */
export function Slip() {
  const job = useJob()
  const bench = useBench()
  const lines = readSlip(bench, job.bat).map((line): Line => ({
    ...line,
    isLaidOut: line.now !== null && originOf(bench, line.key) === 'default',
  }))
  const outside = job.bat ? outsideBat(bench, job.bat) : []
  const differing = outside.length
  const stations = [...new Set(lines.map((line) => line.station))]
  return (
    <aside aria-label="Slip" className="screen-only condensed border-line p-4 text-sm lg:border-l">
      <div className="mb-2 flex items-baseline justify-between">
        <h2 className="station-title text-base">Slip</h2>
        <p className={differing > 0 ? 'font-semibold text-signal' : 'text-muted'}>
          {!job.bat && 'no BAT, the approved proof, yet'}
          {job.bat && differing > 0 && `◆ ${counted(differing, 'differs', 'differ')} from the BAT`}
          {job.bat && differing === 0 && `as BAT ${job.bat.version}`}
        </p>
      </div>
      {outside.length > 0 && (
        <ul aria-label="Outside the BAT" className="mb-3">
          {outside.map((one) => (
            <Outside {...one} key={one.key} slug={job.slug} />
          ))}
        </ul>
      )}
      {lines.length === 0 && <p className="text-muted">Nothing is set yet. Begin with the plate.</p>}
      {stations.map((station) => (
        <SlipStation
          key={station}
          station={station}
          lines={lines.filter((line) => line.station === station)}
          isHeld={job.bat !== null}
        />
      ))}
    </aside>
  )
}
