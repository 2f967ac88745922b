import { isHandKind } from '@/core/press/pressKind'
import { PRESS_KINDS } from '@/core/press/pressKindNames'
import { WAYS_OF_READING } from '@/core/press/waysOfReading'
import { type PressureScale } from '@/core/press/pressureScale'
import { formatMm } from '@/core/units/length'
import { formatFine } from '@/core/units/quantity'
import type { StorePress } from '@/data/press/presses'

/** How a press is read, in a few words: "M16, 2 mm a turn", "a gauge or ruler", "notches 1 to 6". */
export function readingFacts({ id, mmPerUnit, least, most, names }: PressureScale, thread: string): string {
  switch (id) {
    case 'turns':
      return mmPerUnit === null
        ? 'counted in turns'
        : `${thread ? `${thread}, ` : ''}${formatFine(mmPerUnit, 3)} a turn`
    case 'notches':
      return `notches ${least} to ${most}`
    case 'feel':
      return names.map((name) => `“${name}”`).join(', ')
    default:
      return WAYS_OF_READING[id].toLowerCase()
  }
}

/** Whether a press is counted from both sides on the bare bed, so that its zero is set. */
export const isZeroed = ({ id, countedFrom }: PressureScale): boolean =>
  id === 'turns' && countedFrom === 'bed'

/** What is said of a press where it is chosen: what a turn is worth, and its zero. @param zeroed the day it was last set; null: never */
export function zeroWords({ kind, scale, thread }: StorePress, zeroed: string | null): string {
  if (isHandKind(kind)) return 'Pressed by hand: nothing to zero.'
  if (!isZeroed(scale)) return `Read by: ${readingFacts(scale, thread)}.`
  const turn =
    scale.mmPerUnit === null
      ? 'What a turn moves is not known.'
      : `One turn is ${formatFine(scale.mmPerUnit, 3)}${thread ? ` (${thread})` : ''}.`
  return `${turn} Zero is both sides touching the bare bed${zeroed === null ? ': not recorded yet.' : `, last set ${zeroed}.`}`
}

/** A press in a line: how it is read, and what fits under it. */
export const pressFacts = ({ kind, scale, thread, rollerRadiusMm, bedWidthMm }: StorePress): string =>
  isHandKind(kind)
    ? `${PRESS_KINDS[kind].toLowerCase()}.`
    : `${readingFacts(scale, thread)}, roller of ${formatMm(rollerRadiusMm * 2)}, bed ${formatMm(bedWidthMm)} wide.`
