import type { CheckResult, CheckStanding } from '@/core/match/checks/matchCheck'

/** What stands together in the ledger: one check, or all that one flaw of a picture keeps from being said. */
export interface LedgerRow {
  standing: CheckStanding
  /** at least one */
  results: readonly CheckResult[]
}

/** What differs is read first, then what a picture kept from being said. */
const ORDER: readonly CheckStanding[] = ['differs', 'unclear', 'matches']

/** Checks as they are read: a flaw that keeps several from being said is told once. */
export function ledgerRows(
  checks: readonly CheckResult[],
  standings: ReadonlyMap<string, CheckStanding>,
): LedgerRow[] {
  const alone = checks.map((result): LedgerRow => ({
    standing: standings.get(result.check)!,
    results: [result],
  }))
  return ORDER.flatMap((standing) => {
    const rows = alone.filter((row) => row.standing === standing)
    if (standing !== 'unclear') return rows
    const all = rows.flatMap(({ results }) => results)
    const flaws = new Set(all.map(({ check, spoiledBy }) => spoiledBy ?? check))
    return [...flaws].map((flaw): LedgerRow => ({
      standing,
      results: all.filter(({ check, spoiledBy }) => (spoiledBy ?? check) === flaw),
    }))
  })
}
