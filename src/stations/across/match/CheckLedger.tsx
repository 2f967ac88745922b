'use client'

import Link from 'next/link'
import { likelyCauses, type LikelyCause } from '@/core/match/checks/likelyCauses'
import {
  toleranceOf,
  MATCH_CHECKS,
  type CheckResult,
  type CheckStanding,
  type MatchCheck,
  type MatchTolerances,
} from '@/core/match/checks/matchCheck'
import { compareSettings } from '@/core/prove/compareSettings'
import { STATIONS, type Settings } from '@/core/prove/settings'
import { formatNumber } from '@/core/units/length'
import { formatFine } from '@/core/units/quantity'
import { ledgerRows } from './ledgerRows'
import { STANDINGS } from './words'

const inUnit = (value: number, unit: string) => {
  if (unit === 'places') return `${value}`
  if (unit === '°') return `${formatNumber(Math.abs(value), 2)}°`
  return unit === 'mm' ? formatFine(Math.abs(value), 1) : `${formatNumber(Math.abs(value), 1)} ${unit}`
}

const allowed = (value: number, unit: string) =>
  unit === 'mm' ? formatFine(value, 2) : formatNumber(value, 2)

/** A check by its name: one tap shows it on the light table. */
function CheckName({
  check,
  standing,
  isMarked,
  onShow,
}: {
  check: MatchCheck
  standing: CheckStanding
  /** whether its standing is seen before it */ isMarked: boolean
  onShow: (check: MatchCheck) => void
}) {
  return (
    <button
      type="button"
      title="Show it on the light table"
      className="-my-1.5 min-h-11 text-left underline decoration-line underline-offset-4"
      onClick={() => onShow(check)}
    >
      {isMarked && <span aria-hidden>{STANDINGS[standing].mark} </span>}
      {MATCH_CHECKS[check].label} <span className="sr-only">{STANDINGS[standing].word}: show it</span>
    </button>
  )
}

/** What may be behind a check that differs. */
function Causes({ causes, slug }: { causes: readonly LikelyCause[]; slug: string }) {
  return (
    <ul className="text-sm">
      {causes.map(({ words, isEvidence, station }) => (
        <li key={words}>
          {isEvidence ? <b>Set otherwise: {words}.</b> : <>Usually {words}.</>}{' '}
          <Link href={`/jobs/${slug}/${station}`} className="underline underline-offset-4">
            {STATIONS[station]}
          </Link>
        </li>
      ))}
    </ul>
  )
}

/** What a check came to against what is allowed. */
function cameTo({ check, value }: CheckResult, tolerances: MatchTolerances): string {
  const { unit } = MATCH_CHECKS[check]
  return value === null ? '—' : `${inUnit(value, unit)} of ${allowed(toleranceOf(tolerances, check), unit)}`
}

/** Every check with its verdict, what it came to against what is allowed, and where it differs what may be behind it. */
export function CheckLedger({
  checks,
  standings,
  tolerances,
  bat,
  settings,
  slug,
  onShow,
}: {
  checks: readonly CheckResult[]
  standings: ReadonlyMap<string, CheckStanding>
  tolerances: MatchTolerances
  bat: Settings
  /** of the impression: what was set otherwise is evidence */ settings: Settings
  slug: string
  /** shows the picture a check is seen in */ onShow: (check: MatchCheck) => void
}) {
  const differences = compareSettings(bat, settings)
  return (
    <ul aria-label="Checks" className="border-t border-line">
      {ledgerRows(checks, standings).map(({ standing, results }) => {
        const [first, ...others] = results
        return (
          <li key={first.check} className="border-b border-line py-1.5">
            <div
              className={`flex items-center justify-between gap-3 ${standing === 'differs' ? 'font-semibold text-signal' : ''}`}
            >
              <p className="flex flex-wrap gap-x-3">
                <CheckName check={first.check} standing={standing} isMarked onShow={onShow} />
                {others.map(({ check }) => (
                  <CheckName key={check} check={check} standing={standing} isMarked={false} onShow={onShow} />
                ))}
              </p>
              <span className="condensed whitespace-nowrap">{cameTo(first, tolerances)}</span>
            </div>
            <p className="text-sm text-muted">{first.words}</p>
            {standing === 'differs' && <Causes causes={likelyCauses(first, differences)} slug={slug} />}
          </li>
        )
      })}
    </ul>
  )
}
