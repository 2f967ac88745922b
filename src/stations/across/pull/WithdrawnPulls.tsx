import type { WithdrawnPull } from '@/core/record/jobFile'
import { nameOfPull } from '@/core/record/withdrawal'
import { dayAndTimeOf } from '@/core/units/moment'

/** Pulls that were taken back, newest first: counted nowhere, and not forgotten. */
export function WithdrawnPulls({ pulls }: { pulls: readonly WithdrawnPull[] }) {
  if (pulls.length === 0) return null
  return (
    <details className="border-t border-line pt-1">
      <summary className="min-h-11 py-2">Withdrawn: {pulls.length}</summary>
      <ul className="condensed text-sm">
        {[...pulls].reverse().map((pull) => (
          <li key={pull.id} className="border-t border-line py-1">
            {nameOfPull(pull)}, sheet {pull.sheet}, entered {dayAndTimeOf(pull.pulledAt, pull.zone)},
            withdrawn by {pull.withdrawnBy} {dayAndTimeOf(pull.withdrawnAt, pull.zone)}
            {pull.why && `: ${pull.why}`}
          </li>
        ))}
      </ul>
    </details>
  )
}
