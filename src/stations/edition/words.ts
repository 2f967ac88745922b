import { readPull } from '@/core/edition/readPull'
import type { Pull } from '@/core/edition/pull'

const SEEN = { same: 'as the BAT', lighter: 'lighter than the BAT', darker: 'darker than the BAT' } as const
const DECIDED = { accepted: 'accepted', rejected: 'rejected', 'set-aside': 'set aside' } as const

/** What was last written of the edition, for whoever listens: "Pull 12 recorded.", "Pull 12: as the BAT, accepted." */
export function lastWritten(pull: Pull | undefined): string {
  if (!pull) return ''
  const { eye, decision } = readPull(pull)
  const facts = [...(eye ? [SEEN[eye]] : []), ...(decision ? [DECIDED[decision.decision]] : [])]
  return facts.length === 0 ? `Pull ${pull.number} recorded.` : `Pull ${pull.number}: ${facts.join(', ')}.`
}

/** How the readings of a run keep within what the BAT allows. @param strays numbers of the pulls that do not */
export function strayWords(strays: readonly number[], isHeld: boolean): string {
  if (strays.length > 0) return `◆ Outside the tolerance: pull ${strays.join(', ')}`
  return isHeld ? 'All within the tolerance.' : 'The BAT has no reading of it.'
}
