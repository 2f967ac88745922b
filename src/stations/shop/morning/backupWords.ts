import { plural } from '@/core/units/counted'
import { dayOf, saidDayOf, timeOf } from '@/core/units/moment'
import type { BackupStanding } from '@/data/backup/backups'

/** Days without a backup after which it is said aloud. */
const LATE_DAYS = 2
const DAY_MS = 86_400_000

/** How the backups stand, and whether somebody must look at it. */
export function backupWords(
  { lastAt, second, failed, lost }: BackupStanding,
  now: string,
  zone: string,
): { words: string; isLate: boolean } {
  const last = lastAt ? `Last backup ${saidDayOf(lastAt, zone)}, checked` : 'No backup yet'
  if (failed) return { words: `${last}. The newest try failed: ${failed}`, isLate: true }
  if (!lastAt) return { words: last, isLate: false }
  const isLate = Date.parse(now) - Date.parse(lastAt) > LATE_DAYS * DAY_MS
  const isToday = dayOf(lastAt, zone) === dayOf(now, zone)
  const when = isToday ? `Backup today ${timeOf(lastAt, zone)}, checked` : last
  if (lost > 0)
    return {
      words: `${when}, but ${lost} ${plural(lost, 'picture has', 'pictures have')} lost their files: \`npm run doctor\` says which`,
      isLate: true,
    }
  if (second === false) return { words: `${when}; the second folder does not have it yet`, isLate: true }
  return { words: second ? `${when}, in both folders` : when, isLate }
}
