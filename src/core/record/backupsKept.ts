import { dayOf } from '../units/moment'

/** So many days, and so many weeks, of which the last backup is kept. */
const DAYS = 7
const WEEKS = 4
const DAY_MS = 86_400_000

/** The week a moment is in, counted from 1970-01-01, a Thursday; weeks begin on Monday. */
const weekOf = (at: string): number => Math.floor((Date.parse(at) / DAY_MS + 3) / 7)

/** The last of each group, newest first, of as many groups as there are to be. */
function lastOfEach(
  newestFirst: readonly string[],
  groupOf: (at: string) => string | number,
  most: number,
): string[] {
  const last = new Map<string | number, string>()
  for (const at of newestFirst) if (!last.has(groupOf(at))) last.set(groupOf(at), at)
  return [...last.values()].slice(0, most)
}

/**
 * Which backups stay when a new one is made: the last of each of the seven days, and of each of the four weeks, that have one. Days by
 * which nobody was there do not count, so that a workshop left alone for a year keeps what it had.
 *
 * @param moments ISO 8601 in UTC, in any order
 */
export function backupsKept(moments: readonly string[]): string[] {
  const newestFirst = [...moments].sort().reverse()
  const kept = new Set([
    ...lastOfEach(newestFirst, (at) => dayOf(at, 'UTC'), DAYS),
    ...lastOfEach(newestFirst, weekOf, WEEKS),
  ])
  return newestFirst.filter((at) => kept.has(at))
}
