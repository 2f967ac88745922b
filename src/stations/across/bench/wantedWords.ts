import type { JobNeed } from '@/core/record/jobNeed'
import { counted } from '@/core/units/counted'

/** What the pulls to come are for: "pulls to come: 13 prints left, 18 sheets, 4 proofs". */
export function wantedWords({ left, starts, proofs }: JobNeed): string {
  const parts = [`${counted(left, 'print')} left`, `${counted(starts, 'sheet')} to damp for them`]
  if (proofs > 0) parts.push(`about ${counted(proofs, 'proof')} before`)
  return `pulls to come: ${parts.join(', ')}`
}
