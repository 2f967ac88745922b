import type { Run } from '@/core/edition/runs'
import { counted } from '@/core/units/counted'
import type { RoomAnswer } from '@/ui/Answer'
import { allRuns, freshWords } from './words'

/** What to do next where sheets go through more than once. @param fresh sheets to begin @param left prints still wanted @param through sheets that are through every run @param overprint existing prints that wait; null: fresh sheets are begun */
export function runsAnswer(
  runs: readonly Pick<Run, 'name'>[],
  {
    fresh,
    left,
    through,
    size,
    isNumbered,
    overprint,
  }: {
    fresh: number
    left: number
    through: number
    size: number
    isNumbered: boolean
    overprint: number | null
  },
): RoomAnswer {
  const standing = `${through} of ${size} through ${allRuns(runs.length)}.`
  if (isNumbered) return { says: 'The edition is numbered and closed', because: standing }
  if (left <= 0) return { says: 'Every sheet is through', because: standing }
  if (overprint === 0)
    return {
      says: 'No existing print waits',
      because: `${standing} Take in more below, or sort those there are.`,
    }
  if (overprint !== null)
    return { says: `Print over ${counted(overprint, 'existing print')}`, because: standing }
  const words = freshWords(fresh, left, runs.length)
  return fresh > 0
    ? {
        says: `Begin ${counted(fresh, 'sheet')} with ${runs[0].name}`,
        because: `${standing} Enough for the ${left} still wanted, 9 times in 10.`,
      }
    : { says: 'Begin no more sheets', because: `${standing} ${words.why}` }
}
