import type { SettingDifference } from '@/core/prove/compareSettings'
import { FEATURES } from '@/core/prove/features'
import { STATIONS, type Station } from '@/core/prove/settings'
import type { Suggestion } from '@/core/prove/whatMoved'
import { capital } from '@/core/units/capital'
import { formatNumber } from '@/core/units/length'
import { listed } from '@/core/units/listed'
import type { RoomAnswer } from '@/ui/Answer'

/** What the proof ladder is asked for its answer. */
export interface LadderAsked {
  unset: readonly Station[]
  last: { number: number; isJudged: boolean; isRight: boolean; isKept: boolean } | null
  /** since the last proof */
  changes: readonly Pick<SettingDifference, 'words'>[]
  advice: Pick<Suggestion, 'words' | 'complaint' | 'basis'> | null
  bat: number | null
  /** a proof is approved before the prints are pulled */
  asksBat: boolean
  /** a proof is itself what is dried and signed */
  isPrint: boolean
  jobPage: string
}

/** What to do next at the proof ladder. */
export function ladderAnswer({
  unset,
  last,
  changes,
  advice,
  bat,
  asksBat,
  isPrint,
  jobPage,
}: LadderAsked): RoomAnswer {
  if (unset.length > 0)
    return {
      says: `Before the first proof: ${listed(unset.map((station) => STATIONS[station]))}`,
      because: 'Every proof is recorded with all its settings.',
      asks: { words: `Go to ${STATIONS[unset[0]]}`, page: `${jobPage}/${unset[0]}` },
    }
  if (!last && !asksBat && !isPrint)
    return {
      says: 'Prints are pulled at Prints; try one here if you wish',
      because: 'No proof has to be approved. One that turns out well can be kept.',
      asks: { words: 'Go to Prints', page: `${jobPage}/edition` },
    }
  if (!last)
    return {
      says: 'Pull the first proof',
      because: 'It shows what your settings give. Change one thing after it, and pull again.',
    }
  if (bat !== null && changes.length === 0)
    return {
      says: `BAT ${bat} is approved: ${asksBat ? 'print the edition' : 'pull the prints'}`,
      because: 'Every print is held to it. Another proof here may become a new version.',
      asks: { words: asksBat ? 'Go to Edition' : 'Go to Prints', page: `${jobPage}/edition` },
    }
  if (last.isKept && changes.length === 0)
    return {
      says: `Proof ${last.number} is kept: dry and sign it`,
      because: 'Or change one thing, and pull another.',
      asks: { words: 'Go to Dry & Sign', page: `${jobPage}/dry` },
    }
  if (changes.length > 0)
    return {
      says: `Pull proof ${last.number + 1}: ${changes.length === 1 ? changes[0].words : `${changes.length} changes at once`}`,
      because:
        changes.length === 1
          ? 'One change, so that the proof says what did it.'
          : 'What it shows may come from any of them: one at a time says more.',
    }
  if (advice)
    return {
      says: `Next: ${advice.words}`,
      because: `${capital(FEATURES[advice.complaint].label.toLowerCase())} on proof ${last.number}; ${advice.basis}. Change one thing only.`,
    }
  if (!last.isJudged)
    return {
      says: `What does proof ${last.number} show?`,
      because: 'Compare it with what you want: the next change is proposed from what is wrong.',
    }
  if (last.isRight && !asksBat)
    return {
      says: `Proof ${last.number} is right: keep it`,
      because: 'What is kept is dried, signed and filed.',
    }
  return last.isRight
    ? {
        says: `Proof ${last.number} is right: approve it as the BAT`,
        because: 'The BAT is the approved proof: the edition is held to it.',
      }
    : { says: 'Change one thing, and pull again', because: 'The proof then says what did it.' }
}

/** A mean of the print's lightness that nobody would see, of 255. */
const UNSEEN = 0.15

/** Which way a tried change goes on the model. @param darker mean over the sheet, of 255; null: not printed yet */
export function modelAnswer(
  changes: readonly Pick<SettingDifference, 'words'>[],
  darker: number | null,
  heldName: string,
): RoomAnswer {
  if (changes.length === 0)
    return {
      says: 'Try a change on the model',
      because: `It is shown beside ${heldName} before a sheet is spent on it.`,
    }
  const because = `${listed(changes.map(({ words }) => words))}.`
  if (darker === null) return { says: 'Printing the model…', because }
  if (Math.abs(darker) < UNSEEN) return { says: `As dark as ${heldName}`, because }
  return {
    says: `It prints ${darker > 0 ? 'darker' : 'lighter'} than ${heldName}`,
    because: `${because} By ${formatNumber(Math.abs(darker), 1)} of 255 over the sheet.`,
  }
}
