import { findByName, isSameName } from '@/core/units/byName'

/** Somebody named at this device, and when last. */
export interface Named {
  name: string
  at: string
}

/** Names a device remembers at the most, the latest first. */
const MOST = 12
/** Within this time two names make a device a shared one, ms. */
const SHARED_WITHIN_MS = 7 * 86_400_000
/** For so long a shared device takes whoever was named to be still there, ms. */
const SHARED_FOR_MS = 60 * 60_000

/** What a device wrote down, read back; anything else is nobody. */
export function readNamed(text: string): Named[] {
  try {
    const read: unknown = JSON.parse(text)
    return Array.isArray(read)
      ? read.filter(
          (one): one is Named =>
            typeof (one as Named | null)?.name === 'string' &&
            !Number.isNaN(Date.parse(String((one as Named).at))),
        )
      : []
  } catch {
    return []
  }
}

/** With somebody named now, the latest first. */
export const withNamed = (named: readonly Named[], name: string, at: Date): Named[] =>
  [{ name, at: at.toISOString() }, ...named.filter((one) => !isSameName(one, { name }))].slice(0, MOST)

const isSameDay = (a: Date, b: Date) => a.toDateString() === b.toDateString()

/**
 * Whether whoever was named last may still be credited unasked: for the day; at a device that several people use, for an hour.
 *
 * @param name who was named last @param named everybody named here, the latest first
 */
export function mayBeCredited(name: string, named: readonly Named[], now: Date): boolean {
  const last = findByName(named, name)
  if (!last || !isSameDay(new Date(last.at), now)) return false
  const isShared = named.some(
    (one) => !isSameName(one, { name }) && now.getTime() - Date.parse(one.at) < SHARED_WITHIN_MS,
  )
  return !isShared || now.getTime() - Date.parse(last.at) < SHARED_FOR_MS
}

/** The letters somebody is marked by in the bar. @example initials('Ida Quill') // 'IQ' */
export const initials = (name: string): string =>
  name
    .trim()
    .split(/\s+/)
    .map((word) => [...word][0] ?? '')
    .slice(0, 2)
    .join('')
    .toUpperCase()
