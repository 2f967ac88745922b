/** Where a job lies; the shelf is where it is worked on. */
export const PLACES_OF_JOBS = {
  shelf: 'on the shelf',
  archive: 'put away',
  bin: 'in the bin',
} as const
export type PlaceOfJob = keyof typeof PLACES_OF_JOBS

/** Days a job stays in the bin before it goes for good. */
export const BIN_DAYS = 30

/** The moment a job in the bin goes for good. @example goesAt('2031-05-02T09:00:00.000Z') // '2031-06-01T09:00:00.000Z' */
export const goesAt = (putAwayAt: string): string =>
  new Date(Date.parse(putAwayAt) + BIN_DAYS * 86_400_000).toISOString()
