import { formatNumber } from '../units/length'
import { checkStanding, MATCH_CHECKS, type FoundPlace, type MatchTolerances } from './checks/matchCheck'
import { likelyCauses } from './checks/likelyCauses'
import type { ImpressionMatch } from './matchImpression'
import { PICTURE_FLAWS, type Which } from './flawTable'
import { isBorne, isCheckBorne } from './pictureFlaws'
import { stripNote } from './strip/stripUse'
import { capital } from '../units/capital'

/** What can be said of a check, or of a whole print. */
export type Said = 'matches' | 'differs' | 'cannot-say'

/** One check as it is told outside the screens. */
export interface ToldCheck {
  check: string
  standing: Said
  value: number | null
  unit: string
  words: string
  places: Omit<FoundPlace, 'check' | 'what'>[]
  causes: string[]
}

/** What holding an impression against its reference comes to, in numbers. */
export interface MatchReport {
  pictures: Record<'reference' | 'impression', { edgesSeen: boolean; notes: string[] }>
  verdict: Said
  registerMm: { x: number; y: number } | null
  rotationDeg: number | null
  stretchPercent: { x: number; y: number } | null
  checks: ToldCheck[]
}

/** Light that falls off by less than this share needs no word: it was levelled [from memory]. */
const UNEVEN = 0.08

/** What is wrong with one picture, and what to do about it. */
export const flawNotes = ({ flaws }: Pick<ImpressionMatch, 'flaws'>, which: Which): string[] =>
  flaws[which].map((flaw) => `${capital(PICTURE_FLAWS[flaw].says)}. ${PICTURE_FLAWS[flaw].cure}`)

/** What was made of one picture before it was compared. */
export function pictureRemarks(
  {
    flaws,
    fall,
    softer,
    strip,
    files,
  }: Pick<ImpressionMatch, 'flaws' | 'fall' | 'softer' | 'strip' | 'files'>,
  which: Which,
): string[] {
  const ofStrip = stripNote(strip, which)
  const { device, profile } = files[which]
  return [
    ...(device ? [`Taken with ${device}, as its file says.`] : []),
    ...(profile?.changesColours
      ? [`Its colours are read by the profile ${profile.name ?? 'without a name'} in its file.`]
      : []),
    ...(fall[which] > UNEVEN && !flaws[which].includes('uneven-light')
      ? [`Lit unevenly, by ${formatNumber(100 * fall[which], 0)} %; it was levelled by the margins.`]
      : []),
    ...(softer?.picture === which && !flaws[which].includes('soft')
      ? ['Softer than the other: both are compared as soft as it is.']
      : []),
    ...(ofStrip ? [ofStrip] : []),
  ]
}

const pictureOf = (match: ImpressionMatch, which: Which) => ({
  edgesSeen: !match.flaws[which].includes('edges-unseen'),
  notes: [...flawNotes(match, which), ...pictureRemarks(match, which)],
})

/**
 * What a match comes to: the standing of every check, register and stretch in numbers where the pictures bear them, and a verdict. A
 * print differs where a check differs; where none does but a picture kept one from being made, nothing is said of the whole.
 */
export function reportMatch(match: ImpressionMatch, tolerances: MatchTolerances = {}): MatchReport {
  const { placed } = match
  const isSizeKnown = placed.isSizeKnown && isCheckBorne('stretch', match.flaws)
  const said = { matches: 'matches', differs: 'differs', unclear: 'cannot-say' } as const
  const checks: ToldCheck[] = match.checks.map((result) => {
    const standing = said[checkStanding(result, tolerances, new Set())]
    return {
      check: result.check,
      standing,
      value: result.value,
      unit: MATCH_CHECKS[result.check].unit,
      words: result.words,
      places: result.places.map(({ xMm, yMm, widthMm, heightMm }) => ({ xMm, yMm, widthMm, heightMm })),
      causes: standing === 'differs' ? likelyCauses(result, []).map(({ words }) => words) : [],
    }
  })
  const unsaid: Said = isBorne(match.flaws) ? 'matches' : 'cannot-say'
  return {
    pictures: { reference: pictureOf(match, 'reference'), impression: pictureOf(match, 'impression') },
    verdict: checks.some(({ standing }) => standing === 'differs') ? 'differs' : unsaid,
    registerMm: isCheckBorne('register', match.flaws) ? { x: placed.xMm, y: placed.yMm } : null,
    rotationDeg: isCheckBorne('turn', match.flaws) ? placed.degrees : null,
    stretchPercent: isSizeKnown ? { x: placed.widerPercent, y: placed.tallerPercent } : null,
    checks,
  }
}
