import type { PressStanding } from '@/core/press/pressCard'
import { counted } from '@/core/units/counted'
import { listed } from '@/core/units/listed'
import type { RoomAnswer } from '@/ui/Answer'
import type { PressureScale } from '@/core/press/pressureScale'
import { driftWords } from './cardWords'
import { isZeroed } from './pressFacts'

/** What a press wants done first. @param zeroedDay when its zero was set, as one says it; null: never */
export function pressCardAnswer(
  { due, remarks, driftTurns }: Pick<PressStanding, 'due' | 'remarks' | 'driftTurns'>,
  zeroedDay: string | null,
  scale: PressureScale,
): RoomAnswer {
  if (zeroedDay === null && isZeroed(scale))
    return {
      says: 'Set its zero first',
      because: 'Both sides touching the bare bed: every reading is counted from there.',
    }
  if (remarks.length > 0)
    return { says: remarks[0].replace(/\.$/, ''), because: driftWords({ driftTurns }, scale) }
  if (due.length > 0)
    return {
      says: `Due: ${due[0].label.toLowerCase()}${due.length > 1 ? `, and ${due.length - 1} more` : ''}`,
      because: 'By the usual intervals, a rule of thumb; note each as it is done.',
    }
  return {
    says: 'Nothing is due at this press',
    because: zeroedDay === null ? undefined : `Zero set ${zeroedDay}; ${driftWords({ driftTurns }, scale)}.`,
  }
}

/** Which blanket wants something, or that none does. @param remarks of each blanket, the worst first */
export function blanketsAnswer(
  blankets: readonly { name: string; remarks: readonly string[] }[],
): RoomAnswer {
  if (blankets.length === 0)
    return {
      says: 'Measure your first blanket',
      because: 'With a caliper, dry and unpressed: from heights and kinds the pressure is forecast.',
    }
  const wanting = blankets.filter(({ remarks }) => remarks.length > 0)
  if (wanting.length === 0)
    return {
      says: `Nothing to do for ${counted(blankets.length, 'blanket')}`,
      because: 'None has lost a quarter of its height, is stiff with size, or was not washed for two months.',
    }
  return {
    says: `Look at ${listed(wanting.map(({ name }) => name))}`,
    because: wanting.map(({ name, remarks }) => `${name}: ${remarks[0].toLowerCase()}`).join(' '),
  }
}
