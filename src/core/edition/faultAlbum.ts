import type { FaultCause } from '../prove/faultCause'
import { compareSettings } from '../prove/compareSettings'
import { complaintOf, type AlbumSubject } from './albumSubject'
import type { Ninth } from './fault'
import { impressionPicture, type ImpressionPicture } from './impressionPicture'
import { readPull } from './readPull'
import type { Pull } from './pull'

/** The pulls of one run in the order they were made, with the job they belong to. */
export interface RunOfPulls {
  title: string
  slug: string
  pulls: readonly Pull[]
}

/** What was otherwise at the first print without the fault. @property after how many pulls later @property changes what was set otherwise; none: it went by hand */
export interface Cure {
  after: number
  changes: string[]
}

/** A print that had the fault. @property where null: it was said without a place @property cure null: no later print of the run is known to be without it */
export interface FaultCase {
  title: string
  slug: string
  pull: Pull
  where: Ninth | null
  cause: FaultCause | null
  picture: ImpressionPicture | null
  cure: Cure | null
}

/** The fault as a pull bears it: tapped with a place, what it was rejected for, or what somebody found of a feature. */
function faultOf(pull: Pull, what: AlbumSubject): Pick<FaultCase, 'where' | 'cause'> | null {
  const { faults, decision, features, verdict } = readPull(pull)
  const judged = complaintOf(what)
  if (judged) {
    const found = features[judged.feature] ?? verdict?.features[judged.feature]
    return found === judged.value ? { where: null, cause: null } : null
  }
  const tapped = faults.find((fault) => fault.what === what)
  if (tapped) return { where: tapped.where, cause: tapped.cause ?? null }
  return decision?.decision === 'rejected' && decision.reason === what ? { where: null, cause: null } : null
}

/** Whether somebody looked at a print. */
const isSeen = (pull: Pull): boolean => {
  const { eye, decision, verdict } = readPull(pull)
  return eye !== null || decision !== null || verdict !== null
}

function cureOf(pulls: readonly Pull[], at: number, what: AlbumSubject): Cure | null {
  const found = pulls.findIndex((pull, i) => i > at && isSeen(pull) && faultOf(pull, what) === null)
  if (found < 0) return null
  return {
    after: found - at,
    changes: compareSettings(pulls[at].settings, pulls[found].settings).map(({ words }) => words),
  }
}

/**
 * Earlier prints with a fault, and what was otherwise at the first print without it: those at the same place or of the same cause first,
 * then the newest.
 *
 * @param like what is known of the fault one stands before
 */
export function faultCases(
  what: AlbumSubject,
  runs: readonly RunOfPulls[],
  like: { where?: Ninth; cause?: FaultCause } = {},
): FaultCase[] {
  const likeness = ({ where, cause }: FaultCase) =>
    Number(like.cause !== undefined && cause === like.cause) * 2 +
    Number(like.where !== undefined && where === like.where)
  return runs
    .flatMap(({ title, slug, pulls }) =>
      pulls.flatMap((pull, at): FaultCase[] => {
        const fault = faultOf(pull, what)
        return fault
          ? [{ title, slug, pull, ...fault, picture: impressionPicture(pull), cure: cureOf(pulls, at, what) }]
          : []
      }),
    )
    .sort((a, b) => likeness(b) - likeness(a) || b.pull.pulledAt.localeCompare(a.pull.pulledAt))
}

/** What went with the cure, and how often. @property change null: nothing was set otherwise, it went by hand */
export interface CureCount {
  change: string | null
  times: number
}

/** What was set otherwise where the fault went, the most frequent first. */
export function countCures(cases: readonly Pick<FaultCase, 'cure'>[]): CureCount[] {
  const times = new Map<string | null, number>()
  for (const { cure } of cases) {
    if (!cure) continue
    for (const change of cure.changes.length > 0 ? cure.changes : [null])
      times.set(change, (times.get(change) ?? 0) + 1)
  }
  return [...times].map(([change, count]) => ({ change, times: count })).sort((a, b) => b.times - a.times)
}
