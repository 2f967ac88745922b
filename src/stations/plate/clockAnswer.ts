import type { ClockPlan } from '@/core/plate/biteByClock'
import type { Bites } from '@/core/plate/mordants'
import { clock } from '@/core/units/clock'
import { formatNumber } from '@/core/units/length'
import type { RoomAnswer } from '@/ui/Answer'

/** What a mordant is said beside where it is not simply one that bites. */
export const BESIDE_MORDANT = {
  bites: '',
  warned: ', with care',
  refused: ', never',
  'does-not-bite': ', does not bite',
  'not-known': ', not known',
} as const satisfies Record<Bites, string>

/** When to look at a plate that is bitten without a strip, and how long it is likely to take. @param plan null: a field is wrong */
export function clockAnswer(plan: ClockPlan | null, depthMicrometres: number | null): RoomAnswer {
  if (!plan)
    return {
      says: 'Enter depth and bath first',
      because: 'When to look follows from them.',
      asks: { words: 'Go to the depth', anchor: 'clock-depth' },
    }
  if (plan.refused !== null) return { says: '◆ Not this metal in this bath', because: plan.refused }
  const first = `Look after ${clock(60 * plan.looks[0])}`
  if (!plan.minutes && plan.looks.length === 1)
    return {
      says: `A scrap first: look after ${clock(60 * plan.looks[0])}`,
      because:
        'How strong and how long, only the label, the data sheet and the workshop’s own procedure say.',
    }
  if (!plan.minutes)
    return {
      says: first,
      because: 'No usual time: the label, the data sheet and the workshop’s own procedure say how long.',
    }
  const { low, high } = plan.minutes
  const depth = `${formatNumber(depthMicrometres ?? 0, 0)} µm`
  return plan.isMeasured
    ? {
        says: `Bite about ${clock(60 * low)}`,
        because: `For ${depth}, by the first bite in this bath. ${first}.`,
      }
    : {
        says: `${first}, then as below`,
        because: `${depth} usually take ${clock(60 * low)} to ${clock(60 * high)} here: a first bite narrows it.`,
      }
}
