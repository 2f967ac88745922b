import { CAUSES, causesOf } from '../prove/causes'
import { FEATURE_KEYS, FEATURES, type Feature } from '../prove/features'
import { capital } from '../units/capital'
import { causesOfFault, FAULTS, REJECT_REASONS, REJECT_REASONS_SHOWN, type RejectReason } from './fault'

const WAYS = { less: -1, more: 1 } as const
type Way = keyof typeof WAYS

/** What somebody looked at on a print and found too little or too much of. */
export type Complaint = `${Feature} ${Way}`
/** What an album is of: a fault as it is tapped, or a complaint as a proof is judged. */
export type AlbumSubject = RejectReason | Complaint

/** The complaint a judged feature is. @example complaint('tone', -1) // 'tone less' */
export const complaint = (feature: Feature, value: -1 | 1): Complaint =>
  `${feature} ${value < 0 ? 'less' : 'more'}`

/** Feature and value of a complaint; null: it is a fault. */
export function complaintOf(subject: AlbumSubject): { feature: Feature; value: -1 | 1 } | null {
  const [feature, way, ...rest] = subject.split(' ')
  const known = FEATURE_KEYS.find((one) => one === feature)
  return known && way in WAYS && rest.length === 0 ? { feature: known, value: WAYS[way as Way] } : null
}

/** The subject an address names; null: there is no such. */
export function albumSubject(named: string): AlbumSubject | null {
  const fault = REJECT_REASONS.find((one) => one === named)
  if (fault) return fault
  const subject = named as AlbumSubject
  return complaintOf(subject) ? subject : null
}

/** What an album is of, in words. @example subjectWords('tone less') // 'plate tone: too little' */
export function subjectWords(subject: AlbumSubject): string {
  const judged = complaintOf(subject)
  if (!judged) return REJECT_REASONS_SHOWN[subject as RejectReason]
  const { label, less, more } = FEATURES[judged.feature]
  return `${label.toLowerCase()}: ${judged.value < 0 ? less : more}`
}

/** What is looked for by the custom of the trade, where no print of one's own says more [common practice, no source]. */
export function usualRemedies(subject: AlbumSubject): string[] {
  const judged = complaintOf(subject)
  if (judged)
    return causesOf({ [judged.feature]: judged.value }).map(
      ({ label, remedy }) => `${capital(label)}: ${remedy}`,
    )
  const fault = subject as RejectReason
  const causes = causesOfFault(fault)
  return causes.length === 0
    ? [FAULTS[fault].check]
    : causes.map((cause) => `${capital(CAUSES[cause].label)}: ${CAUSES[cause].remedy}`)
}
