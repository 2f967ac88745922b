import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'
import { placesToLookAt, scanOf, scanPair, type ScanPair } from '@/core/edition/compareScans'
import {
  checkStanding,
  placeKey,
  USUAL_MATCH_TOLERANCES,
  type CheckStanding,
  type FoundPlace,
  type MatchCheck,
  type MatchTolerances,
} from '@/core/match/checks/matchCheck'
import type { ShownMatch, StraightReference } from '@/core/match/matchImpression'
import { PICTURE_OF } from '@/core/match/pictureOfCheck'
import type { Scan } from '@/core/match/scan'
import type { Look } from './LightTable'
import type { Compared } from './useMatch'

/** What the person at the match room has chosen, and what the comparison answered. */
export interface MatchRoomState {
  /** pictures of the dry prints, or of the wet ones */
  dry: boolean
  /** id of the impression that is looked at */
  chosen: string
  /** the last answer, and of which pair of pictures */
  result: { key: string; compared: NonNullable<Compared> } | null
  /** places that are let pass, and why */
  accepted: ReadonlyMap<string, string>
  /** which of the places is looked at, from 0 */
  current: number
  tolerances: MatchTolerances
  look: Look
  /** the pair of pictures whose lie was kept as a misfit */
  misfit: string | null
}

export type MatchRoomAct =
  | { kind: 'choose'; pullId: string }
  | { kind: 'take'; dry: boolean }
  /** a comparison came to its end; what was let pass before on the print stays so */
  | { kind: 'compared'; key: string; compared: NonNullable<Compared>; pull: Pull }
  /** @param why null: no longer */
  | { kind: 'accept'; place: FoundPlace; why: string | null }
  | { kind: 'look'; look: Look }
  | { kind: 'go-to'; current: number }
  /** shows what a check found, in the picture it is seen in */
  | { kind: 'show'; check: MatchCheck; places: readonly FoundPlace[] }
  | { kind: 'tolerate'; check: MatchCheck; value: number | null }
  | { kind: 'misfit-kept'; key: string }

/** How far a check may stray at most, in its own unit. */
const MOST_TOLERANCE = 100

/** As the room opens: at the impression asked for, or the last with a dry picture; with the tolerances last used. */
export function openMatchRoom(pulls: readonly Pull[], asked: string | null): MatchRoomState {
  const newest = pulls.findLast((pull) => scanOf(pull, true)) ?? pulls.at(-1)
  return {
    dry: true,
    chosen: asked ?? newest?.id ?? '',
    result: null,
    accepted: new Map(),
    current: 0,
    tolerances: {
      ...USUAL_MATCH_TOLERANCES,
      ...pulls.map((one) => readPull(one).match?.tolerances).findLast(Boolean),
    },
    look: { view: 'swipe', map: 'colour' },
    misfit: null,
  }
}

export function matchRoom(state: MatchRoomState, act: MatchRoomAct): MatchRoomState {
  switch (act.kind) {
    case 'choose':
      return { ...state, chosen: act.pullId }
    case 'take':
      return { ...state, dry: act.dry }
    case 'compared': {
      const before = readPull(act.pull).match?.accepted ?? []
      return {
        ...state,
        result: { key: act.key, compared: act.compared },
        accepted: new Map(before.map((place) => [placeKey(place), place.why])),
        current: 0,
      }
    }
    case 'accept': {
      const accepted = new Map(state.accepted)
      if (act.why === null) accepted.delete(placeKey(act.place))
      else accepted.set(placeKey(act.place), act.why)
      return { ...state, accepted }
    }
    case 'look':
      return { ...state, look: act.look }
    case 'go-to':
      return { ...state, current: act.current }
    case 'show': {
      const picture = PICTURE_OF[act.check]
      const first = act.places.findIndex((place) => place.check === act.check)
      return {
        ...state,
        look: picture === 'lie' ? { ...state.look, view: 'swipe' } : { view: 'difference', map: picture },
        current: first >= 0 ? first : state.current,
      }
    }
    case 'tolerate': {
      const { value, check } = act
      if (value === null || value < 0 || value > MOST_TOLERANCE) return state
      return { ...state, tolerances: { ...state.tolerances, [check]: value } }
    }
    case 'misfit-kept':
      return { ...state, misfit: act.key }
  }
}

/** What is seen of an impression beside the BAT: the pictures there are, and what their comparison says. */
export interface MatchView {
  pull: Pull | null
  /** the BAT's picture that is held against, of the other state where it has none of this one */
  ours: Scan | null
  theirs: Scan | null
  pair: ScanPair
  /** names the pair of pictures; null: nothing to compare */
  key: string | null
  match: ShownMatch | null
  refusal: string | null
  /** the BAT's sheet, also where the two could not be compared; null: not even that could be straightened */
  straight: StraightReference | null
  places: FoundPlace[]
  standings: ReadonlyMap<MatchCheck, CheckStanding>
  /** checks that differ */
  differing: number
  isMisfitKept: boolean
}

/** What a comparison came to, taken apart. */
function readCompared(compared: Compared): Pick<MatchView, 'match' | 'refusal' | 'straight'> {
  if (!compared) return { match: null, refusal: null, straight: null }
  if ('match' in compared) return { match: compared.match, refusal: null, straight: compared.match }
  return { match: null, refusal: compared.refusal, straight: compared.straight ?? null }
}

/** Reads the room: an answer counts only for the pictures it was made of. */
export function readMatchRoom(state: MatchRoomState, bat: Pull, pulls: readonly Pull[]): MatchView {
  const { dry, chosen, result, accepted, tolerances, misfit } = state
  const pull = pulls.find(({ id }) => id === chosen) ?? null
  const pair = pull && scanPair(bat, pull, pulls, dry)
  const key = pull && pair && 'reference' in pair ? JSON.stringify([pull.id, pair]) : null
  const { match, refusal, straight } = readCompared(result && result.key === key ? result.compared : null)
  const keys = new Set(accepted.keys())
  const standings = new Map(
    match?.checks.map((check) => [check.check, checkStanding(check, tolerances, keys)]) ?? [],
  )
  return {
    pull,
    ours: scanOf(bat, dry) ?? scanOf(bat, !dry),
    theirs: pull && scanOf(pull, dry),
    pair,
    key,
    match,
    refusal: pair && 'refusal' in pair ? pair.refusal : refusal,
    straight,
    places: match ? placesToLookAt(match, tolerances) : [],
    standings,
    differing: [...standings.values()].filter((standing) => standing === 'differs').length,
    isMisfitKept: misfit !== null && misfit === key,
  }
}
