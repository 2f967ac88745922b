import { counted } from '../units/counted'
import { formatNumber } from '../units/length'
import { shownDegrees } from '../units/quantity'
import { TOO_HOT_TO_HOLD, type StiffnessCorrection } from './stiffness'

/** A stiffness this near to the wanted one is not felt [common practice, no source]. */
const FELT = 0.05

/** Whether anybody would feel that a mix is not as stiff as wanted. */
export const isFelt = ({ ratio }: Pick<StiffnessCorrection, 'ratio'>): boolean => Math.abs(ratio - 1) >= FELT

/** Whole drops of light oil that a mix wants; none where it is not felt. */
export const dropsWanted = (correction: StiffnessCorrection): number =>
  correction.ratio > 1 && isFelt(correction) ? Math.max(1, Math.round(correction.dropsToAdd)) : 0

/** What can be done about a mix that is stiffer or softer than wanted, or that nothing is to be done. */
export function stiffnessWords(correction: StiffnessCorrection): string {
  const { ratio, isOilCapped, plateC, noPlate } = correction
  if (!isFelt(correction)) return 'ink as it is'
  const times = `${formatNumber(ratio, 2)} × as stiff`
  const plate = plateC === null ? null : `plate at ${formatNumber(shownDegrees(plateC), 0)}°`
  if (ratio < 1)
    return `${times}: ${plate ?? 'the room cannot be cooled away, take a stiffer mix'}; oil cannot come out`
  const oil = isOilCapped
    ? 'more light oil than half the mix: take a softer one'
    : `${counted(dropsWanted(correction), 'drop')} of light oil to each puddle`
  const heat =
    noPlate === 'too-hot'
      ? `a plate above ${formatNumber(shownDegrees(TOO_HOT_TO_HOLD), 0)}° is too hot to hold`
      : null
  return `${times}: ${[oil, plate, heat].filter((one) => one !== null).join(', or ')}`
}
