import { dryBack } from './dryBack'
import { readPull } from './readPull'
import type { Pull } from './pull'
import {
  checkStanding,
  placeKey,
  type CheckStanding,
  type FoundPlace,
  type MatchTolerances,
} from '../match/checks/matchCheck'
import type { DriedTone } from '../match/driedPicture'
import type { Corners } from '../match/homography'
import type { ImpressionMatch } from '../match/matchImpression'
import type { PictureFlaws } from '../match/flawTable'
import { isBorne } from '../match/pictureFlaws'
import { unlikeScans, type MatchVerdict, type Scan } from '../match/scan'

/** What is known of a picture that is to be compared: where its sheet and plate lie, as shares of it and in mm, and what drying does to it. */
export interface ScanSide {
  imageId: string
  corners: Corners | null
  plateAt: Scan['plateAt']
  dries: DriedTone[] | undefined
  taken: Scan['taken']
  device: Scan['device']
}

/** Two pictures to be held against one another, or why not; null where one is missing. */
export type ScanPair =
  { reference: ScanSide; impression: ScanSide; mixed: { from: number } | null } | { refusal: string } | null

export const scanOf = (pull: Pull, dry: boolean): Scan | null => readPull(pull).scans[dry ? 'dry' : 'wet']

/**
 * The approved proof's picture that an impression's is held against: of the print in the same state; without one the other, with what
 * drying does reckoned in, where prints of this ink and paper were read both ways.
 */
export function scanPair(bat: Pull, pull: Pull, others: readonly Pull[], dry: boolean): ScanPair {
  const impression = scanOf(pull, dry)
  const reference = scanOf(bat, dry) ?? scanOf(bat, !dry)
  if (!impression || !reference) return null
  const isMixed = impression.dry !== reference.dry
  const tones = isMixed ? dryBack([bat, ...others]) : []
  if (isMixed && tones.length === 0) return { refusal: unlikeScans(reference, impression)! }
  const side = ({ imageId, corners, plateAt, taken, device, dry: isDry }: Scan): ScanSide => ({
    imageId,
    corners: corners as Corners | null,
    plateAt,
    taken,
    device,
    dries: isMixed && !isDry ? tones.map(({ wet, mean }) => ({ wet, change: mean })) : undefined,
  })
  return {
    reference: side(reference),
    impression: side(impression),
    mixed: isMixed ? { from: Math.min(...tones.map(({ from }) => from)) } : null,
  }
}

const NONE: ReadonlySet<string> = new Set()

/** The places to look at: those of the checks that differ as long as none of them is let pass; marks and missing ink before sides and edges. */
export const placesToLookAt = (
  match: Pick<ImpressionMatch, 'checks'>,
  tolerances: MatchTolerances,
): FoundPlace[] =>
  match.checks
    .filter((result) => checkStanding(result, tolerances, NONE) === 'differs')
    .toReversed()
    .flatMap(({ places }) => places)

/** What checks come to together: of a print that a picture kept from being looked at in every way it is not said that it matches. */
export function outcomeOf(standings: readonly CheckStanding[], flaws: PictureFlaws): MatchVerdict['outcome'] {
  if (standings.includes('differs')) return 'differs'
  return isBorne(flaws) ? 'matches' : 'unclear'
}

/** What a comparison says of the print. @param accepted what is let pass, by place, and why */
export function verdictOf(
  match: Pick<ImpressionMatch, 'checks' | 'colour' | 'flaws'>,
  bat: Pick<Pull, 'id'>,
  accepted: ReadonlyMap<string, string>,
  tolerances: MatchTolerances,
): MatchVerdict {
  const keys = new Set(accepted.keys())
  const places = placesToLookAt(match, tolerances)
  return {
    referencePullId: bat.id,
    outcome: outcomeOf(
      match.checks.map((result) => checkStanding(result, tolerances, keys)),
      match.flaws,
    ),
    deltaE00: { mean: match.colour.mean, p95: match.colour.p95 },
    values: Object.fromEntries(
      match.checks.map(({ check, value }) => [check, value]),
    ) as MatchVerdict['values'],
    places,
    accepted: places
      .filter((place) => accepted.has(placeKey(place)))
      .map((place) => ({ ...place, why: accepted.get(placeKey(place))! })),
    tolerances,
  }
}

/** Impressions with a picture that nobody held against the approved proof yet. */
export const unchecked = (pulls: readonly Pull[], dry: boolean): Pull[] =>
  pulls.filter((pull) => scanOf(pull, dry) && !readPull(pull).match)

/** Corners as shares of a picture, in its pixels. */
export const cornersInPixels = (
  corners: Corners | null,
  { width, height }: { width: number; height: number },
): Corners | null =>
  corners && (corners.map(([x, y]) => [x * width, y * height] as const) as unknown as Corners)
