import type { WeekDay } from '@/core/morning/week'
import { counted } from '@/core/units/counted'
import { printsWanted, purposeFacts, sortWords, type Purpose } from '@/core/prove/purpose'
import { timeOf } from '@/core/units/moment'
import type { RoomAnswer } from '@/ui/Answer'

/** What comes next this week, a clash before anything. */
export function weekAnswer(week: readonly WeekDay[], zone: string): RoomAnswer {
  const entries = week.flatMap(({ weekday, entries: held }) => held.map((entry) => ({ weekday, ...entry })))
  if (entries.length === 0)
    return {
      says: 'Nothing is laid down for the next seven days',
      because:
        'A printing day is planned at a job, Paper, Day plan; prints that dry come here by themselves.',
    }
  const clash = entries.find((entry) => entry.clash)
  if (clash)
    return {
      says: `◆ Two want one press: ${clash.title}, ${clash.weekday} ${timeOf(clash.at, zone)}`,
      because: `${clash.clash}. Move one of the two.`,
      asks: { words: `Go to ${clash.title}`, page: clash.page },
    }
  const [next] = entries
  return {
    says: `${next.isDue ? 'Now' : `${next.weekday} ${timeOf(next.at, zone)}`}: ${next.title}`,
    because: `${next.words}. ${entries.length > 1 ? `${counted(entries.length - 1, 'thing')} more this week.` : 'Nothing else this week.'}`,
    asks: { words: 'Go there', page: next.page },
  }
}

/** What a job asks for next, any day. */
export function jobAsks(job: {
  phase: 'proving' | 'edition' | 'sorting' | 'signed'
  proofs: number
  accepted: number
  purpose: Purpose
  editionSize: number
}): { words: string; station: string } {
  if (job.phase === 'proving')
    return {
      words: job.proofs === 0 ? 'pull the first proof' : `pull proof ${job.proofs + 1}, or approve one`,
      station: 'prove',
    }
  if (job.phase === 'edition')
    return {
      words: purposeFacts(job.purpose).asksBat
        ? `${counted(job.editionSize - job.accepted, 'print')} to accept`
        : `${counted(printsWanted(job) - job.accepted, 'print')} to pull`,
      station: purposeFacts(job.purpose).pulledAt,
    }
  return { words: `${sortWords(job)} ${job.accepted}`, station: 'dry' }
}
