import { USUAL_TOLERANCES } from '../../tolerance/usualTolerances'
import { z } from 'zod'
import { finite, label, nonNegative } from '../../units/schemas'

/**
 * What is looked at when an impression is held against the BAT by its scan: the word, the unit it is measured in, and how far it may
 * stray where nobody said otherwise [common practice, no source].
 */
export const MATCH_CHECKS = {
  register: { label: 'Register on the sheet', unit: 'mm', tolerance: USUAL_TOLERANCES.registerMm },
  turn: { label: 'Square to the sheet', unit: '°', tolerance: USUAL_TOLERANCES.turnDegrees },
  stretch: { label: 'Size of the print', unit: '%', tolerance: USUAL_TOLERANCES.stretchPercent },
  colour: { label: 'Colour', unit: 'ΔE00', tolerance: USUAL_TOLERANCES.colourDeltaE },
  tone: { label: 'Tone curve', unit: 'L*', tolerance: USUAL_TOLERANCES.toneLightness },
  lines: { label: 'Line weight', unit: '%', tolerance: USUAL_TOLERANCES.linesPercent },
  breaks: { label: 'Line breaks', unit: '%', tolerance: USUAL_TOLERANCES.breaksPercent },
  state: { label: 'State of the plate', unit: 'mm', tolerance: USUAL_TOLERANCES.newLinesMm },
  film: { label: 'Plate tone, depth', unit: 'L*', tolerance: USUAL_TOLERANCES.filmLightness },
  evenness: { label: 'Plate tone, evenness', unit: 'L*', tolerance: USUAL_TOLERANCES.evennessLightness },
  edges: { label: 'Edges of the plate', unit: 'L*', tolerance: USUAL_TOLERANCES.edgesLightness },
  sides: { label: 'Left against right', unit: '%', tolerance: USUAL_TOLERANCES.sidesPercent },
  bands: { label: 'Bands', unit: 'L*', tolerance: USUAL_TOLERANCES.bandsLightness },
  blanks: { label: 'Starved or blank', unit: 'places', tolerance: USUAL_TOLERANCES.blankPlaces },
  marks: { label: 'Foreign marks', unit: 'places', tolerance: USUAL_TOLERANCES.foreignMarks },
  chine: { label: 'Laid-on paper', unit: 'cm²', tolerance: USUAL_TOLERANCES.chineCm2 },
} as const
export type MatchCheck = keyof typeof MATCH_CHECKS
export const MATCH_CHECK_KEYS = Object.keys(MATCH_CHECKS) as [MatchCheck, ...MatchCheck[]]

/** How far each check may stray, in its unit; left out: as is usual. */
export const matchTolerancesSchema = z.partialRecord(
  z.enum(MATCH_CHECK_KEYS),
  nonNegative.max(100, { error: 'must be at most 100' }),
)
export type MatchTolerances = z.infer<typeof matchTolerancesSchema>

/** What is usual for every check. */
export const USUAL_MATCH_TOLERANCES = Object.fromEntries(
  MATCH_CHECK_KEYS.map((key) => [key, MATCH_CHECKS[key].tolerance]),
) as Record<MatchCheck, number>

/** How far a check may stray, in its unit. */
export const toleranceOf = (tolerances: MatchTolerances, check: MatchCheck): number =>
  tolerances[check] ?? MATCH_CHECKS[check].tolerance

/** A place where an impression differs: mm on the sheet's face from its top left corner, as the reference has it. */
export const foundPlaceSchema = z.strictObject({
  check: z.enum(MATCH_CHECK_KEYS),
  what: label,
  xMm: finite,
  yMm: finite,
  widthMm: nonNegative,
  heightMm: nonNegative,
})
export type FoundPlace = z.infer<typeof foundPlaceSchema>

/** What a check came to. */
export interface CheckResult {
  check: MatchCheck
  /** in the check's unit, signed where that says something; null: cannot be said of these pictures */
  value: number | null
  words: string
  places: FoundPlace[]
  /** what is wrong with which picture, where that keeps the check from being made: one code for all checks it spoils */
  spoiledBy?: string
}

/** How a check stands: places a person accepted no longer count. */
export type CheckStanding = 'matches' | 'differs' | 'unclear'
export const placeKey = ({ check, what, xMm, yMm }: FoundPlace): string =>
  `${check} ${what} ${xMm.toFixed(1)} ${yMm.toFixed(1)}`

export function checkStanding(
  { check, value, places }: CheckResult,
  tolerances: MatchTolerances,
  accepted: ReadonlySet<string>,
): CheckStanding {
  if (value === null) return 'unclear'
  if (places.length > 0 && places.every((place) => accepted.has(placeKey(place)))) return 'matches'
  const counts = MATCH_CHECKS[check].unit === 'places'
  return (counts ? places.filter((place) => !accepted.has(placeKey(place))).length : Math.abs(value)) <=
    toleranceOf(tolerances, check)
    ? 'matches'
    : 'differs'
}
