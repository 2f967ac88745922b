import { SETTING_STATIONS, STATIONS, type SettingStation, type Station } from './settings'

/** How prints are marked once they are sorted. */
export type UsualMarking = 'numbered' | 'varied' | 'unique' | 'moment'

/** Everything that depends on what a job is for: a new purpose says all of it, and nothing else compares purposes. */
interface PurposeFacts {
  label: string
  /** the same within a line */
  short: string
  /** stations that are set before a pull; the others stand as they are usually laid out until somebody sets them */
  needs: readonly SettingStation[]
  /** a proof is approved before the prints are pulled */
  asksBat: boolean
  /** a proof, or a range of two, can be approved */
  takesBat: boolean
  /** what the number of its prints is asked as; null: as many as are kept */
  asksSize: string | null
  /** the prints are meant to be alike: a difference from what was approved is then a fault */
  isAlike: boolean
  /** proofs are prints like any other, and may be kept */
  keepsProofs: boolean
  /** where its prints are pulled */
  pulledAt: 'prove' | 'edition'
  marking: UsualMarking
  /** what documents call the prints, all of them */
  prints: string
  asksQuote: boolean
  /** several people print, each a plate of their own */
  hasRoster: boolean
}

/** What a job can be for. */
export const PURPOSES = {
  edition: {
    label: 'Edition',
    short: 'edition',
    needs: SETTING_STATIONS,
    asksBat: true,
    takesBat: true,
    asksSize: 'Edition size',
    isAlike: true,
    keepsProofs: false,
    pulledAt: 'edition',
    marking: 'numbered',
    prints: 'Edition',
    asksQuote: true,
    hasRoster: false,
  },
  varied: {
    label: 'Series that varies (E.V.)',
    short: 'series',
    needs: SETTING_STATIONS,
    asksBat: false,
    takesBat: true,
    asksSize: 'Series size',
    isAlike: false,
    keepsProofs: true,
    pulledAt: 'edition',
    marking: 'varied',
    prints: 'Series that varies',
    asksQuote: true,
    hasRoster: false,
  },
  unique: {
    label: 'Single or unique prints',
    short: 'single prints',
    needs: ['plate', 'ink', 'paper', 'press'],
    asksBat: false,
    takesBat: false,
    asksSize: null,
    isAlike: false,
    keepsProofs: true,
    pulledAt: 'edition',
    marking: 'unique',
    prints: 'Unique prints',
    asksQuote: false,
    hasRoster: false,
  },
  test: {
    label: 'Press or plate test',
    short: 'test',
    needs: ['plate', 'ink', 'paper', 'press'],
    asksBat: false,
    takesBat: false,
    asksSize: null,
    isAlike: false,
    keepsProofs: true,
    pulledAt: 'prove',
    marking: 'moment',
    prints: 'Trial proofs',
    asksQuote: false,
    hasRoster: false,
  },
  class: {
    label: 'Class or open day',
    short: 'class',
    needs: ['plate', 'ink', 'paper', 'press'],
    asksBat: false,
    takesBat: false,
    asksSize: null,
    isAlike: false,
    keepsProofs: true,
    pulledAt: 'edition',
    marking: 'moment',
    prints: 'Prints of the class',
    asksQuote: false,
    hasRoster: true,
  },
} as const satisfies Record<string, PurposeFacts>
export type Purpose = keyof typeof PURPOSES
export const PURPOSE_KEYS = Object.keys(PURPOSES) as [Purpose, ...Purpose[]]

/** What a purpose asks and leaves out. */
export const purposeFacts = (purpose: Purpose): PurposeFacts => PURPOSES[purpose]

/** A job as far as its purpose goes. */
export interface Purposed {
  purpose: Purpose
  /** as it was declared, whether it is asked now or not */
  editionSize: number
}

/** How many prints were declared; null: nobody is asked, as many as are kept. */
export const sizeDeclared = ({ purpose, editionSize }: Purposed): number | null =>
  purposeFacts(purpose).asksSize === null ? null : editionSize

/** How many prints are wanted: those declared, or a first one where nobody is asked. */
export const printsWanted = (job: Purposed): number => sizeDeclared(job) ?? 1

/**
 * How far the prints are, in words.
 *
 * @example printsMade({ purpose: 'edition', editionSize: 12 }, 3) // '3 of 12 accepted'
 * @example printsMade({ purpose: 'unique', editionSize: 12 }, 3) // '3 kept'
 */
export const printsMade = ({ purpose, editionSize }: Purposed, accepted: number): string =>
  purposeFacts(purpose).asksSize === null ? `${accepted} kept` : `${accepted} of ${editionSize} accepted`

/**
 * What a job is, within a line.
 *
 * @example purposeWords({ purpose: 'edition', editionSize: 12 }) // 'edition of 12'
 */
export function purposeWords({ purpose, editionSize }: Purposed): string {
  const { asksSize, short } = purposeFacts(purpose)
  return asksSize === null ? short : `${short} of ${editionSize}`
}

/** A station's name as a job of a purpose calls it: only an edition has an Edition. */
export const stationName = (station: Station, purpose: Purpose): string =>
  station === 'edition' && !purposeFacts(purpose).asksBat ? 'Prints' : STATIONS[station]

/** What is done with the dry prints. @example sortWords({ purpose: 'edition' }) // 'sort and number' */
export const sortWords = ({ purpose }: Pick<Purposed, 'purpose'>): string =>
  purposeFacts(purpose).asksSize === null ? 'dry and sign' : 'sort and number'
