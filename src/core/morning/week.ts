import { nextChangeAt, type DryingLoad, type DryingPlace } from '../dry/dryingPlaces'
import { counted } from '../units/counted'
import { dayOf, timeOf, weekdayOf } from '../units/moment'

/** Days looked ahead, today among them. */
export const DAYS_AHEAD = 7
const DAY_MS = 86_400_000

/** A printing day or a queue that was laid down. @property pressId null: no press is known of it */
export interface Booking {
  id: string
  title: string
  page: string
  pressId: string | null
  pressName: string | null
  startAt: string
  endAt: string
  words: string
}

/** What the week holds at a moment. @property clash the other booking of the same press at the same time */
export interface WeekEntry {
  id: string
  at: string
  endAt: string | null
  title: string
  words: string
  page: string
  isDue: boolean
  clash: string | null
}

/** One day of the week. @property day as a calendar writes it */
export interface WeekDay {
  day: string
  weekday: string
  entries: WeekEntry[]
}

/** What drying prints ask for until they are dry: every change of what lies between, and taking them out. */
export function dryingToCome(
  places: readonly DryingPlace[],
  loads: readonly DryingLoad[],
  until: string,
): Pick<WeekEntry, 'id' | 'at' | 'title' | 'words'>[] {
  return loads.flatMap((load) => {
    const place = places.find(({ id }) => id === load.placeId)
    if (!place) return []
    const changes: string[] = []
    for (
      let at = nextChangeAt(place.kind, load);
      at !== null && at <= until;
      at = nextChangeAt(place.kind, { ...load, changedAts: [...load.changedAts, ...changes] })
    )
      changes.push(at)
    const sheets = counted(load.sheets, 'print')
    return [
      ...changes.map((at, i) => ({
        id: `drying-${load.id}-change-${load.changedAts.length + i}`,
        at,
        title: load.title,
        words: `${place.name}: change what lies between ${sheets}`,
      })),
      ...(load.readyAt <= until
        ? [
            {
              id: `drying-${load.id}-dry`,
              at: load.readyAt,
              title: load.title,
              words: `${place.name}: ${sheets} dry, take out and sort`,
            },
          ]
        : []),
    ]
  })
}

/** Whether two spans of time share a moment. */
const overlap = (a: Pick<Booking, 'startAt' | 'endAt'>, b: Pick<Booking, 'startAt' | 'endAt'>): boolean =>
  a.startAt < b.endAt && b.startAt < a.endAt

/** The first other booking that wants the same press at the same time; where one press is not known, none is said to be. */
export function clashOf(booking: Booking, others: readonly Booking[]): Booking | null {
  return (
    others.find(
      (other) =>
        other.id !== booking.id &&
        booking.pressId !== null &&
        other.pressId === booking.pressId &&
        overlap(booking, other),
    ) ?? null
  )
}

/**
 * The next seven days: printing days and queues with what they clash with, and what drying prints ask for. What is overdue stands today.
 *
 * @param now ISO 8601 @param zone of whoever looks
 * @example layWeek({ now, zone: 'Etc/UTC', bookings: [], places: [], loads: [] }).every(({ entries }) => entries.length === 0) // true
 */
export function layWeek({
  now,
  zone,
  bookings,
  places,
  loads,
}: {
  now: string
  zone: string
  bookings: readonly Booking[]
  places: readonly DryingPlace[]
  loads: readonly DryingLoad[]
}): WeekDay[] {
  const start = Date.parse(now)
  const until = new Date(start + DAYS_AHEAD * DAY_MS).toISOString()
  const days = Array.from({ length: DAYS_AHEAD }, (_, i): WeekDay => {
    const at = new Date(start + i * DAY_MS).toISOString()
    return { day: dayOf(at, zone), weekday: weekdayOf(at, zone), entries: [] }
  })
  const coming = bookings.filter(({ endAt }) => endAt > now)
  const entries: WeekEntry[] = [
    ...coming.map((booking): WeekEntry => {
      const clash = clashOf(booking, coming)
      return {
        id: booking.id,
        at: booking.startAt,
        endAt: booking.endAt,
        title: booking.title,
        words: booking.words,
        page: booking.page,
        isDue: booking.startAt <= now,
        clash:
          clash &&
          `${clash.title} wants ${booking.pressName ?? 'the press'} from ${timeOf(clash.startAt, zone)} to ${timeOf(clash.endAt, zone)}`,
      }
    }),
    ...dryingToCome(places, loads, until).map((one): WeekEntry => ({
      ...one,
      endAt: null,
      page: '/drying',
      isDue: one.at <= now,
      clash: null,
    })),
  ].sort((a, b) => a.at.localeCompare(b.at))
  for (const entry of entries) {
    const own = dayOf(entry.at, zone)
    const day = own < days[0].day ? days[0] : days.find((one) => one.day === own)
    day?.entries.push(entry)
  }
  return days
}
