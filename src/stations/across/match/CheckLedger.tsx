'use client'

import Link from 'next/link'
import { likelyCauses } from '@/core/match/checks/likelyCauses'
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
import { GreyStripLink } from './GreyStripLink'
import { STANDINGS } from './words'

const inUnit = (value: number, unit: string) => {
  if (unit === 'places') return `${value}`
  if (unit === '°') return `${formatNumber(Math.abs(value), 2)}°`
  return unit === 'mm' ? formatFine(Math.abs(value), 1) : `${formatNumber(Math.abs(value), 1)} ${unit}`
}

const allowed = (value: number, unit: string) =>
  unit === 'mm' ? formatFine(value, 2) : formatNumber(value, 2)

/** What differs is read first, then what a picture kept from being said. */
const FIRST: Record<CheckStanding, number> = { differs: 0, unclear: 1, matches: 2 }

/** Every check with its verdict, what it came to against what is allowed, and where it differs what may be behind it. */
export function CheckLedger({
  checks,
  standings,
  tolerances,
  isContrastUnknown,
  bat,
  settings,
  slug,
  onShow,
}: {
  checks: readonly CheckResult[]
  standings: ReadonlyMap<string, CheckStanding>
  tolerances: MatchTolerances
  /** cameras took both, and may have set contrast by themselves */ isContrastUnknown: boolean
  bat: Settings
  /** of the impression: what was set otherwise is evidence */ settings: Settings
  slug: string
  /** shows the picture a check is seen in */ onShow: (check: MatchCheck) => void
}) {
  const differences = compareSettings(bat, settings)
  const rank = ({ check }: CheckResult) => FIRST[standings.get(check)!]
  const inOrder = checks.toSorted((one, other) => rank(one) - rank(other))
  return (
    <ul aria-label="Checks" className="border-t border-line">
      {inOrder.map((result) => {
        const { label, unit } = MATCH_CHECKS[result.check]
        const standing = standings.get(result.check)!
        return (
          <li key={result.check} className="border-b border-line py-1.5">
            <p
              className={`flex items-center justify-between gap-3 ${standing === 'differs' ? 'font-semibold text-signal' : ''}`}
            >
              <button
                type="button"
                title="Show it on the light table"
                className="-my-1.5 min-h-11 text-left underline decoration-line underline-offset-4"
                onClick={() => onShow(result.check)}
              >
                <span aria-hidden>{STANDINGS[standing].mark}</span> {label}{' '}
                <span className="sr-only">{STANDINGS[standing].word}: show it</span>
              </button>
              <span className="condensed whitespace-nowrap">
                {result.value === null
                  ? '—'
                  : `${inUnit(result.value, unit)} of ${allowed(toleranceOf(tolerances, result.check), unit)}`}
              </span>
            </p>
            <p className="text-sm text-muted">{result.words}</p>
            {standing === 'differs' && (
              <ul className="text-sm">
                {likelyCauses(result, differences, isContrastUnknown).map(
                  ({ words, isEvidence, station }) => (
                    <li key={words}>
                      {isEvidence ? (
                        <b>Set otherwise: {words}.</b>
                      ) : (
                        <>
                          {station ? 'Usually' : 'Perhaps'} {words}.
                        </>
                      )}{' '}
                      {station ? (
                        <Link href={`/jobs/${slug}/${station}`} className="underline underline-offset-4">
                          {STATIONS[station]}
                        </Link>
                      ) : (
                        <GreyStripLink />
                      )}
                    </li>
                  ),
                )}
              </ul>
            )}
          </li>
        )
      })}
    </ul>
  )
}
