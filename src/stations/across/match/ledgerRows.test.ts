import { describe, expect, it } from 'vitest'
import type { CheckResult, CheckStanding } from '@/core/match/checks/matchCheck'
import { ledgerRows } from './ledgerRows'

const result = (check: CheckResult['check'], spoiledBy?: string): CheckResult => ({
  check,
  value: null,
  words: 'Said of it.',
  places: [],
  ...(spoiledBy && { spoiledBy }),
})

describe('the ledger of the match check', () => {
  it('begins with what differs, and tells a flaw that spoils several checks once', () => {
    const checks = [
      result('register'),
      result('colour', 'impression other-device'),
      result('tone', 'impression other-device'),
      result('film'),
      result('marks'),
      result('lines', 'impression other-device'),
      result('turn'),
    ]
    const standings = new Map<string, CheckStanding>([
      ['register', 'matches'],
      ['colour', 'unclear'],
      ['tone', 'unclear'],
      ['film', 'unclear'],
      ['marks', 'differs'],
      ['lines', 'unclear'],
      ['turn', 'matches'],
    ])
    expect(
      ledgerRows(checks, standings).map(({ standing, results }) => [
        standing,
        results.map(({ check }) => check),
      ]),
    ).toEqual([
      ['differs', ['marks']],
      ['unclear', ['colour', 'tone', 'lines']],
      ['unclear', ['film']],
      ['matches', ['register']],
      ['matches', ['turn']],
    ])
  })
})
