import { matchImpression } from '@/core/match/matchImpression'
import { reportMatch, type MatchReport } from '@/core/match/matchReport'
import type { Rgb } from '@/core/match/picture'
import { PLATE, SHEET } from './plates'

/** What is said of two pictures of the bench; null: they are refused. */
export function held(reference: Rgb, impression: Rgb, plate = PLATE): MatchReport | null {
  const match = matchImpression({
    reference: { picture: reference, corners: null },
    impression: { picture: impression, corners: null },
    sheet: SHEET,
    plate,
    zones: [],
  })
  return 'which' in match ? null : reportMatch(match)
}

/** Checks that say the two differ. */
export const differing = (report: MatchReport | null) =>
  report?.checks.filter(({ standing }) => standing === 'differs') ?? []
