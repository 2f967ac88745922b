const DAY_MS = 86_400_000

/** The last moment of the sample as it is written down in this folder. */
export const SAMPLE_ENDS = '2026-03-06T11:00:00.000Z'

/**
 * Whole days by which the sample is moved so that nothing of it lies after a moment: its last day is then that day or the one before, and
 * it is the same every time but for the day.
 */
export const daysToMove = (now: string): number =>
  Math.floor((Date.parse(now) - Date.parse(SAMPLE_ENDS)) / DAY_MS)

/** A day or a moment of the sample, so many days later. @example movedBy(3, '2026-02-27') // '2026-03-02' */
export function movedBy(days: number, at: string): string {
  const moved = new Date(Date.parse(at) + days * DAY_MS).toISOString()
  return at.includes('T') ? moved : moved.split('T')[0]
}
