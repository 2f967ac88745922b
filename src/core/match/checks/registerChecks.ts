import { formatFine } from '../../units/quantity'
import { formatNumber } from '../../units/length'
import type { CheckResult } from './matchCheck'

/** Where the plate lies on its sheet against where the reference has it: right and down in mm, clockwise in degrees, how much wider and taller, and how far out of shape beyond that. */
export interface Misplaced {
  xMm: number
  yMm: number
  degrees: number
  widerPercent: number
  tallerPercent: number
  bentMm: number
  /** whether the drawing could be followed closely enough to say how much it grew */
  isSizeKnown: boolean
}

const way = (value: number, more: string, less: string) =>
  Math.abs(value) < 0.05 ? [] : [`${formatFine(Math.abs(value), 1)} ${value > 0 ? more : less}`]

const size = (percent: number, more: string, less: string) =>
  Math.abs(percent) < 0.1 ? [] : [`${formatNumber(Math.abs(percent), 2)} % ${percent > 0 ? more : less}`]

function sizeWords(isKnown: boolean, grown: readonly string[]): string {
  if (!isKnown) return 'The drawing is too even to tell its size by.'
  return grown.length === 0 ? 'As large as the reference.' : `The print is ${grown.join(' and ')}.`
}

/** Register on the sheet, how square the plate lies, and how large it printed, as three checks. */
export function checkRegister({
  xMm,
  yMm,
  degrees,
  widerPercent,
  tallerPercent,
  bentMm,
  isSizeKnown,
}: Misplaced): readonly [CheckResult, CheckResult, CheckResult] {
  const off = Math.hypot(xMm, yMm)
  const grown = [...size(widerPercent, 'wider', 'narrower'), ...size(tallerPercent, 'taller', 'lower')]
  const most = Math.abs(widerPercent) > Math.abs(tallerPercent) ? widerPercent : tallerPercent
  const words = [...way(xMm, 'to the right', 'to the left'), ...way(yMm, 'lower', 'higher')]
  return [
    {
      check: 'register',
      value: off,
      words: `${words.length === 0 ? 'The plate lies where it should.' : `The plate lies ${words.join(', ')}.`}${bentMm >= 0.05 ? ` Its drawing is out of shape by up to ${formatFine(bentMm, 1)}: the sheet bent as it was lifted or dried.` : ''}`,
      places: [],
    },
    {
      check: 'turn',
      value: degrees,
      words:
        Math.abs(degrees) < 0.02
          ? 'Square as the reference.'
          : `Turned ${formatNumber(Math.abs(degrees), 2)}° ${degrees > 0 ? 'clockwise' : 'anticlockwise'}.`,
      places: [],
    },
    {
      check: 'stretch',
      value: isSizeKnown ? most : null,
      words: sizeWords(isSizeKnown, grown),
      places: [],
    },
  ]
}
