import { z } from 'zod'
import { count, label } from '../units/schemas'
import { DRYING_METHOD_KEYS, DRYING_METHODS, type DryingMethod } from './drying'

/** A rack, a stack of boards or a pile of the workshop, as a person names it. */
export const newDryingPlaceSchema = z.strictObject({
  name: label,
  kind: z.enum(DRYING_METHOD_KEYS),
  capacity: count.min(1, { error: 'must be 1 or more' }).max(5000, { error: 'must be at most 5000' }),
})
export type NewDryingPlace = z.infer<typeof newDryingPlaceSchema>
export type DryingPlace = NewDryingPlace & { id: string }

/** Prints of one job that lie in a place; moments are ISO 8601. */
export interface DryingLoad {
  id: number
  placeId: string
  jobId: string
  title: string
  sheets: number
  laidAt: string
  readyAt: string
  /** when what lies between the prints was changed */
  changedAts: string[]
}

const HOUR_MS = 3_600_000
/** When what lies between is changed: hours after laying, then every so many [common practice, no source]; null: never. */
const CHANGES: Record<DryingMethod, { firstHours: number; everyHours: number } | null> = {
  blotters: { firstHours: 1, everyHours: 24 },
  boards: null,
  rack: null,
}

/** Places still free. */
export function placesFree(
  place: Pick<DryingPlace, 'id' | 'capacity'>,
  loads: readonly Pick<DryingLoad, 'placeId' | 'sheets'>[],
): number {
  return (
    place.capacity -
    loads.filter(({ placeId }) => placeId === place.id).reduce((sum, { sheets }) => sum + sheets, 0)
  )
}

/** When what lies between the prints is to be changed next, ISO 8601; null when never again before they are dry. */
export function nextChangeAt(
  kind: DryingMethod,
  { laidAt, readyAt, changedAts }: Pick<DryingLoad, 'laidAt' | 'readyAt' | 'changedAts'>,
): string | null {
  const every = CHANGES[kind]
  if (!every) return null
  const last = [...changedAts].sort().at(-1)
  const at = new Date(
    last ? Date.parse(last) + every.everyHours * HOUR_MS : Date.parse(laidAt) + every.firstHours * HOUR_MS,
  ).toISOString()
  return at < readyAt ? at : null
}

/** Something the drying prints ask for. */
export interface DryingAct {
  loadId: number
  jobId: string
  kind: 'change' | 'take-out'
  at: string
  isDue: boolean
  words: string
  laidAt: string
  changes: number
}

/** What is to be done where prints dry, the earliest first: changing what lies between, and taking out what is dry. */
export function dryingActs(
  places: readonly DryingPlace[],
  loads: readonly DryingLoad[],
  now: string,
): DryingAct[] {
  return loads
    .flatMap((load): DryingAct[] => {
      const place = places.find(({ id }) => id === load.placeId)
      if (!place) return []
      const change = nextChangeAt(place.kind, load)
      const one = (kind: DryingAct['kind'], at: string, words: string): DryingAct => ({
        loadId: load.id,
        jobId: load.jobId,
        kind,
        at,
        isDue: at <= now,
        words,
        laidAt: load.laidAt,
        changes: load.changedAts.length,
      })
      return [
        ...(change
          ? [
              one(
                'change',
                change,
                `${place.name}: change what lies between the ${load.sheets} of ${load.title}`,
              ),
            ]
          : []),
        one(
          'take-out',
          load.readyAt,
          `${place.name}: the ${load.sheets} of ${load.title} are dry, take them out`,
        ),
      ]
    })
    .sort((a, b) => a.at.localeCompare(b.at))
}

/** What a place is, in a few words. */
export const placeWords = ({ kind, capacity }: Pick<DryingPlace, 'kind' | 'capacity'>): string =>
  `${DRYING_METHODS[kind].label.toLowerCase()}, ${capacity} prints`
