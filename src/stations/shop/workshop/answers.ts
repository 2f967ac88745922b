import type { Bench } from '@/core/prove/settings'
import { STATIONS } from '@/core/prove/settings'
import { purposeFacts, type Purpose } from '@/core/prove/purpose'
import { stationsWanting } from '@/core/prove/stationsWanting'
import { wipingSeconds } from '@/core/wipe/wipingOrder'
import { counted } from '@/core/units/counted'
import { listed } from '@/core/units/listed'
import { BIN_DAYS, PLACES_OF_JOBS, type PlaceOfJob } from '@/core/prove/placeOfJob'
import type { RoomAnswer } from '@/ui/Answer'
import type { BeginProblem } from './beginState'

/** Minutes from the sheet in the water to the print, for what is set: damping, and wiping while it lies. */
const minutesToPrint = ({ paper, wipe }: Bench): number =>
  Math.round(Math.max(paper?.dampMinutes ?? 0, wipe ? wipingSeconds(wipe) / 60 : 0))

/** What of a new print can be wrong although nothing of it is missing, by its field. */
const WRONG: Record<BeginProblem['field'], string> = {
  size: 'the size of the plate',
  paper: 'the paper',
  reading: 'what the press stands at',
}

/** How far a new print is said: what is missing before its first proof, what is wrong, or that it can be pulled. @param problems what is unreadable, at its field */
export function beginAnswer(
  bench: Bench,
  purpose: Purpose,
  problems: readonly BeginProblem[] = [],
): RoomAnswer {
  const wanting = stationsWanting(bench, purpose)
  if (wanting.length === 0 && problems.length > 0)
    return {
      says: `Still to mend: ${listed(problems.map(({ field }) => WRONG[field]))}`,
      because: problems[0].message,
    }
  if (wanting.length === 0)
    return {
      says: `Ready for the first ${purposeFacts(purpose).asksBat ? 'proof' : 'print'}: ${counted(minutesToPrint(bench), 'minute')} from a dry sheet`,
      because: 'What you did not say is laid out as is usual, and marked so until you set it.',
    }
  const said = Object.values(bench).some((part) => part !== null && typeof part === 'object')
  return {
    says: said
      ? `Still to say: ${listed(wanting.map((station) => STATIONS[station].toLowerCase()))}`
      : 'Enter what you have',
    because: 'Only a title and your name are needed now: the rest can wait for its station.',
  }
}

/** How many jobs are shown, of those that lie there. @param shown that are meant @param there at that place */
export function jobsAnswer(
  { find, place }: { find: string; place: PlaceOfJob },
  shown: number,
  there: number,
): RoomAnswer {
  const where = PLACES_OF_JOBS[place]
  const because = {
    shelf: 'Those put away are out of today, week and stockroom, and keep all that was done.',
    archive:
      'They take no paper and no place in the week. Each opens as before, and comes back with one tap.',
    bin: `After ${BIN_DAYS} days they go for good; one that was pulled from is put away instead.`,
  }[place]
  if (there === 0) return { says: `No job is ${where}`, because }
  if (find !== '') return { says: `${shown} of ${counted(there, 'job')} ${where} with “${find}”`, because }
  return { says: `${counted(there, 'job')} ${where}`, because }
}
