import { countCures, faultCases, type FaultCase } from '@/core/edition/faultAlbum'
import { NINTHS, REJECT_REASONS, type RejectReason } from '@/core/edition/fault'
import type { Pull } from '@/core/edition/pull'
import { readPull } from '@/core/edition/readPull'
import { nameOfPull } from '@/core/record/withdrawal'
import { counted } from '@/core/units/counted'

/** One earlier print with the fault, and how it went. */
function caseWords({ pull, where, cure }: FaultCase): string {
  const had = `${nameOfPull(pull)} had it${where === null ? '' : `, ${NINTHS[where]}`}`
  if (!cure) return `${had}: not cured yet.`
  const when = cure.after === 1 ? 'gone with the next print' : `gone ${counted(cure.after, 'print')} later`
  return `${had}: ${when}, ${cure.changes.length > 0 ? cure.changes.join('; ') : 'nothing set otherwise'}.`
}

function albumWords(cases: readonly FaultCase[]): string {
  const [cure] = countCures(cases)
  if (!cure || cure.times < 2) return caseWords(cases.find((one) => one.cure) ?? cases[0])
  return `${cases.length} prints here had it. It went ${cure.times} times with ${cure.change ?? 'nothing set otherwise'}.`
}

/**
 * What a run's own earlier prints say of each fault that is tapped at its desk, which is away from the server at times and takes it along:
 * the change it went with most often, or how it went the last time.
 *
 * @param pulls of one run, in the order they were made
 * @returns a sentence a fault; faults that none of them had are left out
 */
export function deskAlbum(pulls: readonly Pull[]): Partial<Record<RejectReason, string>> {
  const had = new Set<string>(
    pulls.flatMap((pull) => {
      const { faults, decision } = readPull(pull)
      return [...faults.map(({ what }) => what), ...(decision?.reason ? [decision.reason] : [])]
    }),
  )
  return Object.fromEntries(
    REJECT_REASONS.filter((what) => had.has(what)).flatMap((what) => {
      const cases = faultCases(what, [{ title: '', slug: '', pulls }])
      return cases.length > 0 ? [[what, albumWords(cases)]] : []
    }),
  )
}
