import { subjectWords, usualRemedies, type AlbumSubject } from '@/core/edition/albumSubject'
import { countCures, type FaultCase } from '@/core/edition/faultAlbum'
import { capital } from '@/core/units/capital'
import { counted } from '@/core/units/counted'
import type { RoomAnswer } from '@/ui/Answer'

/** What cured a fault most often here, or what the trade looks for first. */
export function faultAnswer(what: AlbumSubject, cases: readonly FaultCase[]): RoomAnswer {
  const usual = usualRemedies(what)[0] ?? 'what was set otherwise since the print before it.'
  const name = capital(subjectWords(what))
  if (cases.length === 0)
    return {
      says: `${name}: none of your prints had it yet`,
      because: `The trade looks here first: ${usual}`,
    }
  const [first] = countCures(cases)
  const prints = counted(cases.length, 'print')
  if (!first)
    return {
      says: `${name}: ${prints}, none cured yet`,
      because: `The trade looks here first: ${usual}`,
    }
  if (first.change === null)
    return {
      says: `${name}: it went with nothing set otherwise`,
      because: `${first.times} of ${prints}: look to the hand and the stack. ${usual}`,
    }
  return {
    says: `${name}: ${first.change}`,
    because: `It went with this at ${first.times} of ${prints}; what else was changed with it is listed below.`,
  }
}
