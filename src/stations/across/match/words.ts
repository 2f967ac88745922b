import type { Pull } from '@/core/edition/pull'
import { outcomeOf, type ScanPair } from '@/core/edition/compareScans'
import type { CheckStanding } from '@/core/match/checks/matchCheck'
import type { PictureFlaws } from '@/core/match/flawTable'
import type { MatchVerdict, Scan } from '@/core/match/scan'
import { counted } from '@/core/units/counted'
import { formatNumber } from '@/core/units/length'
import { listed } from '@/core/units/listed'
import type { RoomAnswer } from '@/ui/Answer'

/** Which of the pictures a model made; null: none. */
export function modelWords(ours: Scan | null, theirs: Scan | null, pull: Pick<Pull, 'number'> | null) {
  const [isOurs, isTheirs] = [ours?.taken === 'model', theirs?.taken === 'model']
  if (!isOurs && !isTheirs) return null
  const one = isOurs ? 'The BAT’s picture is' : `The picture of pull ${pull?.number} is`
  return `${isOurs && isTheirs ? 'Both pictures are' : one} simulated: no print lay on a scanner.`
}

/** What is reckoned where a wet print is held against a dry one; null: both are alike. */
export function mixedWords(pair: ScanPair, ours: Scan | null): string | null {
  if (!pair || !('reference' in pair) || !pair.mixed || !ours) return null
  const [own, other] = ours.dry ? ['dry', 'wet'] : ['wet', 'dry']
  const from = pair.mixed.from === 1 ? 'one print' : counted(pair.mixed.from, 'print')
  return `The BAT’s picture is of the ${own} print and this one of the ${other}: the wet one is shown as it would be dry, by what ${from} like it changed by. A damp sheet is larger; where it lies is less sure.`
}

/** What stands on the print already. */
export function keptWords(kept: Pick<MatchVerdict, 'outcome' | 'accepted'> | null): string {
  if (!kept) return 'Nothing on the print yet.'
  return `On the print: ${STANDINGS[kept.outcome].word}${kept.accepted.length > 0 ? `, ${kept.accepted.length} accepted` : ''}.`
}

/** How many impressions have no picture of this kind. @param all how many impressions there are */
export function withoutPicture(without: number, all: number, dry: boolean): string | null {
  if (without === 0) return null
  const some = without === 1 ? 'One more has' : `${without} more have`
  return `${without === all ? 'No impression has a' : `${some} no`} picture of the ${dry ? 'dry' : 'wet'} print yet.`
}

/** How a check or a whole print stands: as a mark, and in a word. */
export const STANDINGS: Record<CheckStanding, { mark: string; word: string }> = {
  matches: { mark: '●', word: 'matches' },
  differs: { mark: '◆', word: 'differs' },
  unclear: { mark: '–', word: 'cannot be said' },
}

/** A verdict as a mark and a word. */
export const outcomeWords = (match: Pick<MatchVerdict, 'outcome'> | null): string =>
  match ? `${STANDINGS[match.outcome].mark} ${STANDINGS[match.outcome].word}` : 'not checked'

const howMany = (standings: readonly CheckStanding[], one: CheckStanding) =>
  standings.filter((standing) => standing === one).length

/** What the checks come to together; of a print that a picture kept from being looked at in every way it is not said that it matches. */
export function wholeWords(standings: readonly CheckStanding[], flaws: PictureFlaws): string {
  const outcome = outcomeOf(standings, flaws)
  if (outcome === 'matches') return '● Matches the BAT'
  if (howMany(standings, 'unclear') === standings.length) return '– Nothing can be told from these pictures'
  return outcome === 'differs'
    ? `◆ Differs in ${howMany(standings, 'differs')} of ${standings.length}`
    : `– Nothing differs of what can be told: ${howMany(standings, 'unclear')} of ${standings.length} cannot`
}

/** A verdict with the mean colour difference, where a picture bore it. */
export function scanWords(match: Pick<MatchVerdict, 'outcome' | 'values' | 'deltaE00'>): string {
  const colour = match.values.colour === null ? '' : `, ΔE00 ${formatNumber(match.deltaE00.mean, 1)}`
  return `${outcomeWords(match)}${colour}`
}

/** What the prints that were compared come to together. */
export function comparedWords({
  differing,
  unclear,
}: Record<'differing' | 'unclear', readonly number[]>): string {
  const told = unclear.length > 0 ? [`not all can be told of pull ${unclear.join(', ')}`] : []
  if (differing.length > 0) return [`◆ Differs by its scan: pull ${differing.join(', ')}`, ...told].join('; ')
  return told.length > 0 ? `Nothing differs; ${told[0]}.` : 'All that were compared match.'
}

/** What the match check is asked for its answer. */
export interface MatchAsked {
  /** number of the pull that is looked at */
  pull: number | null
  /** what has no picture yet */
  missing: readonly string[]
  /** how each check stands; null: not compared yet */
  standings: readonly CheckStanding[] | null
  /** what keeps the pictures from bearing checks; null: not compared yet */
  flaws: PictureFlaws | null
  refusal: string | null
  isBusy: boolean
}

function becauseOf(unclear: number, all: number): string {
  if (unclear === all) return 'What is wrong with them, and what to do, is said below.'
  const unsaid = unclear > 0 ? `${counted(unclear, 'check')} cannot be said from these pictures. ` : ''
  return `${unsaid}The verdict is yours: write it on the print.`
}

/** What the comparison says of the print, or what it needs. */
export function matchAnswer({ pull, missing, standings, flaws, refusal, isBusy }: MatchAsked): RoomAnswer {
  if (missing.length > 0)
    return {
      says: `Add a picture of ${listed(missing)}`,
      because:
        'A scan or a photograph of the whole sheet; of one larger than the scanner’s glass, the plate and a corner.',
    }
  if (isBusy) return { says: `Comparing pull ${pull} with the BAT…` }
  // Why is said where it came up, beside what can be done about it.
  if (refusal) return { says: 'The pictures cannot be compared' }
  if (!standings || !flaws)
    return { says: `Compare pull ${pull} with the BAT`, because: 'Both pictures are there.' }
  const unclear = howMany(standings, 'unclear')
  const says = {
    matches: `Pull ${pull} matches the BAT`,
    differs: `◆ Pull ${pull} differs from the BAT in ${howMany(standings, 'differs')} of ${counted(standings.length, 'check')}`,
    unclear:
      unclear === standings.length
        ? `These pictures tell nothing of pull ${pull}`
        : `Pull ${pull}: nothing differs of what these pictures show`,
  }
  return {
    says: says[outcomeOf(standings, flaws)],
    because: becauseOf(unclear, standings.length),
  }
}
