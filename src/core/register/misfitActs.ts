import { formatFine } from '../units/quantity'
import { formatNumber } from '../units/length'
import type { Misregister } from './misregister'

/** Smaller than this nobody can move a plate by, mm and degrees. */
const LEAST_MM = 0.05
const LEAST_DEGREES = 0.03
/** Stretch smaller than this is within what a ruler shows, percent. */
const LEAST_STRETCH = 0.05

/**
 * What to do about a misfit, in acts at the bed. Marks are measured on the print, seen from its face; the plate lies face up under
 * it, so left and right change places and a turn goes the other way. A plate laid face down on its sheet is seen as the print is.
 *
 * @param what the plate that is moved, such as "plate 2"
 */
export function misfitActs(
  { shiftMm, rotationDeg, stretchXPercent, stretchYPercent, residualMm }: Misregister,
  what = 'the plate',
  isFaceDown = false,
): string[] {
  const acts: string[] = []
  // The print is off to its right: on the bed, where the plate is seen reversed, the plate is off to the left.
  const [toRight, turnsBack] = [
    isFaceDown ? shiftMm.x < 0 : shiftMm.x > 0,
    isFaceDown ? rotationDeg < 0 : rotationDeg > 0,
  ]
  if (Math.abs(shiftMm.x) >= LEAST_MM)
    acts.push(`Move ${what} ${formatFine(Math.abs(shiftMm.x), 2)} to the ${toRight ? 'right' : 'left'}.`)
  if (Math.abs(shiftMm.y) >= LEAST_MM)
    acts.push(
      `Move ${what} ${formatFine(Math.abs(shiftMm.y), 2)} ${shiftMm.y > 0 ? 'toward' : 'away from'} you.`,
    )
  if (Math.abs(rotationDeg) >= LEAST_DEGREES)
    acts.push(
      `Turn ${what} ${formatNumber(Math.abs(rotationDeg), 2)}° ${turnsBack ? 'anticlockwise' : 'clockwise'}.`,
    )
  const stretch = (
    [
      ['across', stretchXPercent],
      ['up and down', stretchYPercent],
    ] as const
  ).filter(([, percent]) => Math.abs(percent) >= LEAST_STRETCH)
  for (const [way, percent] of stretch)
    acts.push(
      `${formatNumber(Math.abs(percent), 2)} % ${percent > 0 ? 'too large' : 'too small'} ${way}: the sheet was ${percent > 0 ? 'drier when this run was pulled, or damper before' : 'damper when this run was pulled, or drier before'}. No moving mends that.`,
    )
  if (acts.length === 0) acts.push('It fits as well as can be measured.')
  if (residualMm > 0.2)
    acts.push(`${formatFine(residualMm, 2)} is left over: measure the marks again, or the sheet slipped.`)
  return acts
}
