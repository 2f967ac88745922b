import { UPKEEP, type PressEvent, type PressStanding } from '@/core/press/pressCard'
import { amountOnScale, type PressureScale } from '@/core/press/pressureScale'
import { readStrips, type Strip } from '@/core/press/settingRoute'
import { counted } from '@/core/units/counted'
import { saidDayOf } from '@/core/units/moment'

/** So much at the right, as an amount on the press's scale and a way. */
const rightBy = (scale: PressureScale, tighter: number): string =>
  `right ${amountOnScale(scale, tighter)} ${tighter < 0 ? 'looser' : 'tighter'}`

/** What was written on a press's card, in a line. */
export function eventWords(event: PressEvent, scale: PressureScale): string {
  switch (event.kind) {
    case 'zeroed':
      return 'zeroed, both sides on the bare bed'
    case 'upkeep':
      return UPKEEP[event.task].label
    case 'test-print':
      return `test print${event.note && `: ${event.note}`}`
    case 'strips':
      return `three strips: ${readStrips(event.left, event.middle, event.right).replace(/\.$/, '')}`
    case 'even-print':
      return `test print even with the ${rightBy(scale, event.rightTighterTurns)}`
  }
}

/** What the even print shows since the zero was set. */
export const driftWords = (
  { driftTurns }: Pick<PressStanding, 'driftTurns'>,
  scale: PressureScale,
): string =>
  driftTurns === null ? 'no check by a print since' : `drift since: ${rightBy(scale, driftTurns)} to be even`

/** How long a piece of upkeep is overdue, and how often it is due. */
export const overdueWords = ({ task, overdueDays }: PressStanding['due'][number]): string =>
  `${overdueDays === null ? 'never recorded' : `${counted(overdueDays, 'day')} overdue`}; every ${UPKEEP[task].days} days (rule of thumb)`

/** The places a strip of paper is pulled at. */
export const PLACES = ['left', 'middle', 'right'] as const
export type PulledStrips = Record<(typeof PLACES)[number], Strip | null>
export const NOT_PULLED: PulledStrips = { left: null, middle: null, right: null }

/** Three strips once all were pulled; null before. */
export function allPulled({ left, middle, right }: PulledStrips): Record<keyof PulledStrips, Strip> | null {
  return left && middle && right ? { left, middle, right } : null
}

/** What the strips in hand say, else the last ones, else how they are pulled. */
export function stripsWords(pulled: PulledStrips, last: PressStanding['strips']): string {
  const read = allPulled(pulled)
  if (read) return readStrips(read.left, read.middle, read.right)
  if (last) return `Last: ${readStrips(last.left, last.middle, last.right)}`
  return 'Three strips of paper between roller and bed: pull each gently.'
}

/** The last test print in a line, else what one is for. */
export const testPrintWords = (last: PressStanding['testPrint'], zone: string): string =>
  last
    ? `Last ${saidDayOf(last.at, zone)}${last.note && `: ${last.note}`}`
    : 'The same small plate, now and then: it shows what the press does by itself.'
