import type { Upgrade } from '../document/documentKind'
import { FIRST_MIX } from '../ink/mix'
import { TURNS } from '../press/pressSetting'

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
    press: press && { ...pressRest, scale: TURNS, readingLeft: turnsLeft, readingRight: turnsRight },
  }
}

/** How settings and benches of earlier versions are brought up, step by step. */
export const SETTINGS_UPGRADES: readonly Upgrade[] = [toMixesAndScales]
