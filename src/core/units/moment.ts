const PARTS = {
  year: 'numeric',
  month: '2-digit',
  day: '2-digit',
  hour: '2-digit',
  minute: '2-digit',
  hourCycle: 'h23',
} as const
const SHORT = { ...PARTS, year: undefined, month: 'short', day: 'numeric', weekday: 'short' } as const

const SAID = { year: 'numeric', month: 'short', day: 'numeric' } as const
const KINDS = { parts: PARTS, short: SHORT, said: SAID }

/** Making a format takes longer than a hundred uses of it. */
const made = new Map<string, Intl.DateTimeFormat>()
function format(zone: string, kind: keyof typeof KINDS): Intl.DateTimeFormat {
  const key = `${kind} ${zone}`
  const known = made.get(key)
  if (known) return known
  const fresh = new Intl.DateTimeFormat('en-GB', { timeZone: zone, ...KINDS[kind] })
  made.set(key, fresh)
  return fresh
}

function partsIn(at: string, zone: string): (type: string) => string {
  const parts = format(zone, 'parts').formatToParts(new Date(at))
  return (type) => parts.find((candidate) => candidate.type === type)?.value ?? ''
}

/** Whether a name is a time zone this machine knows, such as Europe/Lisbon. */
export function isTimeZone(name: string): boolean {
  try {
    return format(name, 'parts') !== undefined
  } catch {
    return false
  }
}

/**
 * The day a moment falls on where somebody stands.
 *
 * @param at ISO 8601
 * @param zone IANA name of a zone
 * @throws RangeError for a moment that is none, or an unknown zone
 * @example dayOf('2031-05-02T23:30:00.000Z', 'Europe/Lisbon') // '2031-05-03'
 */
export function dayOf(at: string, zone: string): string {
  const part = partsIn(at, zone)
  return `${part('year').padStart(4, '0')}-${part('month')}-${part('day')}`
}

/** The furthest a moment of a day can lie from that day's noon at Greenwich, ms: half a day, and fourteen hours of zone. */
const FROM_NOON_MS = 26 * 3_600_000

/**
 * Whether a moment falls on a day where somebody stands; most moments of a long log lie too far off to be worth a calendar.
 *
 * @param at ISO 8601 @param day as `dayOf` says it @param zone IANA name of a zone
 * @example isOnDay('2031-05-02T23:30:00.000Z', '2031-05-03', 'Europe/Lisbon') // true
 */
export const isOnDay = (at: string, day: string, zone: string): boolean =>
  Math.abs(Date.parse(at) - Date.parse(`${day}T12:00:00.000Z`)) <= FROM_NOON_MS && dayOf(at, zone) === day

/**
 * What the clock on the wall shows at a moment, 24 hours.
 *
 * @example timeOf('2031-05-02T23:30:00.000Z', 'Europe/Lisbon') // '00:30'
 */
export function timeOf(at: string, zone: string): string {
  const part = partsIn(at, zone)
  return `${part('hour')}:${part('minute')}`
}

/** The day of the week, in short. @example weekdayOf('2031-05-02T23:30:00.000Z', 'Europe/Lisbon') // 'Sat' */
export function weekdayOf(at: string, zone: string): string {
  const parts = format(zone, 'short').formatToParts(new Date(at))
  return parts.find(({ type }) => type === 'weekday')?.value ?? ''
}

/** Day and clock. @example dayAndTimeOf('2031-05-02T09:04:00.000Z', 'Europe/Lisbon') // '2031-05-02 10:04' */
export function dayAndTimeOf(at: string, zone: string): string {
  return `${dayOf(at, zone)} ${timeOf(at, zone)}`
}

/** A day as one writes it in a sentence. @example saidDayOf('2031-05-02T23:30:00.000Z', 'Europe/Lisbon') // '3 May 2031' */
export function saidDayOf(at: string, zone: string): string {
  return format(zone, 'said').format(new Date(at))
}

/** A moment of these days, as one says it. @example soonOf('2031-05-02T09:04:00.000Z', 'Europe/Lisbon') // 'Fri 2 May, 10:04' */
export function soonOf(at: string, zone: string): string {
  return format(zone, 'short').format(new Date(at))
}

/**
 * A moment as it is copied onto a sheet: date, 24-hour time, zone.
 *
 * @example writeMoment('2031-05-02T09:04:00.000Z', 'Europe/Lisbon') // '2031-05-02 10:04 Europe/Lisbon'
 */
export function writeMoment(at: string, zone: string): string {
  return `${dayAndTimeOf(at, zone)} ${zone}`
}
