import type { Upgrade } from '../document/documentKind'
import { FIRST_MIX } from '../ink/mix'
import { turnsScale } from '../press/usualScales'

type Part = Record<string, unknown> | null

/**
 * Version 2: a run's ink is a list of mixes, each with an id; and a press is read in a scale of its own, which is turns of the screws
 * in everything kept before.
 */
const toMixesAndScales: Upgrade = (settings) => {
  const { ink, press, ...rest } = settings as { ink: Part; press: Part }
  const { turnsLeft, turnsRight, ...pressRest } = press ?? {}
  return {
    ...rest,
    ink: ink && { mixes: [{ id: FIRST_MIX, ...ink }] },
    press: press && {
      ...pressRest,
      scale: { id: 'turns', version: 1 },
      readingLeft: turnsLeft,
      readingRight: turnsRight,
    },
  }
}

/** Version 3: what a turn moves is part of the scale the press is read in, which says all that is asked of a reading. */
const toWholeScales: Upgrade = (settings) => {
  const { press, ...rest } = settings as { press: Part }
  const { mmPerTurn, ...pressRest } = press ?? {}
  return { ...rest, press: press && { ...pressRest, scale: turnsScale(mmPerTurn as number) } }
}

/** How settings and benches of earlier versions are brought up, step by step. */
export const SETTINGS_UPGRADES: readonly Upgrade[] = [toMixesAndScales, toWholeScales]
