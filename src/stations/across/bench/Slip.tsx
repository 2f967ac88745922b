'use client'

import { memo } from 'react'
import { counted } from '@/core/units/counted'
import { STATIONS } from '@/core/prove/settings'
import { outsideBat } from '@/core/prove/outsideBat'
import { leftAsLaidOut, ORIGIN_WORDS } from '@/core/prove/settingOrigins'
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

/** The lines of one station: drawn anew only when one of them says something else, so that a key at one station moves that station. */
const SlipStation = memo(
  function SlipStation({ station, lines, isHeld }: SlipStationProps) {
    return (
      <table className="mb-2 w-full table-fixed border-t border-line">
        <caption className="pt-1 text-left font-semibold">{STATIONS[station]}</caption>
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
                title={`${line.now ?? 'left out'}${line.isLaidOut ? `, ${ORIGIN_WORDS.default}` : ''}`}
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
    )
  },
  (before, now) => before.isHeld === now.isHeld && JSON.stringify(before.lines) === JSON.stringify(now.lines),
)

/** The Slip: one line a setting, what the BAT had, what is set now, and whether that may be. */
export function Slip() {
  const job = useJob()
  const bench = useBench()
  const laidOut = new Set(leftAsLaidOut(bench).map(({ key }) => key))
  const lines = readSlip(bench, job.bat).map((line): Line => ({ ...line, isLaidOut: laidOut.has(line.key) }))
  const differing = job.bat ? outsideBat(bench, job.bat).length : 0
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
