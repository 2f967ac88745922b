import type { Bench } from '../prove/settings'
import { gapMm, stackOf, type PressSetting } from './pressSetting'
import { pressTransferInput, transferPressure } from './pressTransfer'

/** What the BAT's squeeze asks of the stack on the bench. */
export type CarriedOver =
  | { ok: true; turns: number; gapMm: number; /** from where the screws stand, mean of both; looser is positive */ byTurns: number; changed: string[] }
  | { ok: false; message: string; changed: string[] }

/** What is pressed differently from the BAT, in words. */
function changedLayers(bat: Bench, now: Bench): string[] {
  const words: [boolean, string][] = [
    [bat.press?.pressId !== now.press?.pressId, 'another press'],
    [bat.press?.packName !== now.press?.packName, 'other blankets'],
    [bat.press?.makeReadyMm !== now.press?.makeReadyMm, 'another make-ready'],
    [bat.plate?.thicknessMm !== now.plate?.thicknessMm, 'a plate of another thickness'],
    [bat.paper?.caliperMm !== now.paper?.caliperMm, 'a paper of another caliper'],
  ]
  return words.filter(([differs]) => differs).map(([, word]) => word)
}

/** Carries the BAT's peak squeeze over to the stack on the bench; null while something is unset or nothing under the roller has changed. */
export function carryOver(bat: Bench, now: Bench): CarriedOver | null {
  if (!bat.press || !bat.plate || !bat.paper || !now.press || !now.plate || !now.paper) return null
  const changed = changedLayers(bat, now)
  if (changed.length === 0) return null
  const standing = (press: PressSetting) => (press.turnsLeft + press.turnsRight) / 2
  const input = pressTransferInput.safeParse({
    standard: { ...stackOf(bat.press, bat.plate.thicknessMm, bat.paper.caliperMm), gapMm: gapMm(bat.press, standing(bat.press)) },
    next: stackOf(now.press, now.plate.thicknessMm, now.paper.caliperMm), mmPerTurn: now.press.mmPerTurn, match: 'peak',
  })
  if (!input.success) return { ok: false, message: input.error.issues[0].message, changed }
  const gap = transferPressure(input.data).gapMm
  const turns = gap / now.press.mmPerTurn
  return { ok: true, turns, gapMm: gap, byTurns: turns - standing(now.press), changed }
}
