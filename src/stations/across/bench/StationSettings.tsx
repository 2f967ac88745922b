import { ORIGIN_WORDS } from '@/core/prove/settingOrigins'
import type { SlipLine } from '@/core/prove/tolerance'

/** A line of the column, and whether what stands there was only laid out. */
export type SettingLine = SlipLine & { isLaidOut: boolean }

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
  'as-bat': 'matches the BAT',
  within: 'within tolerance',
  outside: 'differs from the BAT',
  'no-bat': '',
}

/** Every setting of one station: what the BAT had, what is set now, and whether that may be. @param isHeld whether there is a BAT to hold the lines to */
export function StationSettings({
  title,
  lines,
  isHeld,
}: {
  title: string
  lines: readonly SettingLine[]
  isHeld: boolean
}) {
  return (
    <table className="mb-2 w-full table-fixed">
      <caption className="sr-only">{title}</caption>
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
}
