import { CAUSES } from '../prove/causes'
import { capital } from '../units/capital'
import { FAULTS, faultWords, type Fault } from './fault'

/** The one thing asked before a pull: of the last fault, by its cause where somebody said it; null where nothing went wrong. */
export function checkAfter(fault: Fault | null): string | null {
  if (fault === null) return null
  return `${faultWords(fault)}: ${fault.cause ? capital(CAUSES[fault.cause].remedy) : FAULTS[fault.what].check}`
}
