import { z } from 'zod'
import { finite, positive } from '../units/schemas'
import {
  compressionAt,
  layersCanGive,
  pressStack,
  pressStackInput,
  stackCompression,
  stackWithoutGap,
  type PressStack,
} from './pressStack'

export const pressTransferInput = z
  .strictObject({
    standard: pressStackInput,
    next: stackWithoutGap,
    mmPerTurn: positive,
    match: z.enum(['peak', 'lineLoad'], { error: 'expected peak or lineLoad' }),
  })
  .superRefine((transfer, context) => {
    if (stackCompression(transfer.standard) <= 0)
      return context.addIssue({
        code: 'custom',
        path: ['standard', 'gapMm'],
        message: 'does not touch: there is no squeeze to carry over',
      })
    const gapMm = gapFor(transfer)
    if (gapMm === null)
      context.addIssue({
        code: 'custom',
        path: ['next', 'layers'],
        message: 'cannot be squeezed as hard as the standard, however tight',
      })
    else if (gapMm < 0) {
      const makeReadyMm = Math.ceil(-gapMm * 100) / 100
      context.addIssue({
        code: 'custom',
        path: ['next', 'plateThicknessMm'],
        message: `cannot reach this squeeze even at the bare bed: a make-ready of ${makeReadyMm.toFixed(2)} mm under the plate is needed`,
        params: { makeReadyMm },
      })
    }
  })
export const pressTransferOutput = z.strictObject({
  gapMm: finite,
  turns: finite,
  peakMPa: finite,
  lineLoadNPerMm: finite,
})
type PressTransfer = {
  standard: PressStack
  next: z.infer<typeof stackWithoutGap>
  mmPerTurn: number
  match: 'peak' | 'lineLoad'
}

/** Halvings of the interval of compressions: to the last figure a double holds. */
const HALVINGS = 60
/** Widenings of the interval before the squeeze is given up as out of reach. */
const WIDENINGS = 60

/** Gap at which the next stack is squeezed as the standard, mm; below zero where its plate is too thin; null: it never is. */
function gapFor({ standard, next, match }: PressTransfer): number | null {
  const whole = next.plateThicknessMm + next.layers.reduce((sum, layer) => sum + layer.thicknessMm, 0)
  const wanted = pressStack(standard)
  if (match === 'peak') return whole - compressionAt(next.layers, wanted.peakMPa)
  const load = (compression: number) => pressStack({ ...next, gapMm: whole - compression }).lineLoadNPerMm
  const limit = layersCanGive(next.layers)
  let low = 0
  let high = Math.min(0.1, limit / 2)
  for (let widened = 0; !(load(high) >= wanted.lineLoadNPerMm); widened++) {
    if (widened === WIDENINGS) return null
    high = limit === Infinity ? high * 2 : (high + limit) / 2
  }
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (load(middle) < wanted.lineLoadNPerMm) low = middle
    else high = middle
  }
  return whole - (low + high) / 2
}

/**
 * Carries a squeeze over to another plate, paper, pack or press: the gap at which its peak pressure (or load a millimetre of
 * width) is the standard's, and the turns from the standard's setting; looser is positive.
 *
 * @throws RangeError where no gap does, which `pressTransferInput` refuses
 */
export function transferPressure(transfer: PressTransfer): z.infer<typeof pressTransferOutput> {
  const gapMm = gapFor(transfer)
  if (gapMm === null) throw new RangeError('No gap gives this squeeze.')
  const { peakMPa, lineLoadNPerMm } = pressStack({ ...transfer.next, gapMm })
  return { gapMm, turns: (gapMm - transfer.standard.gapMm) / transfer.mmPerTurn, peakMPa, lineLoadNPerMm }
}
