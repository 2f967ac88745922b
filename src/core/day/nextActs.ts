import type { DayPlan } from './dayPlan'

/** One thing a person does on the day. */
export interface DayAct {
  kind: 'in' | 'lift' | 'ink' | 'pull'
  sheet: number
  /** minutes on the day's axis */
  at: number
}

/** What each act is called, with its sheet: "Lift sheet 4". */
export const ACT_WORDS: Record<DayAct['kind'], (sheet: number) => string> = {
  in: (sheet) => `Sheet ${sheet} into the water`,
  lift: (sheet) => `Lift sheet ${sheet}`,
  ink: (sheet) => `Ink and wipe for pull ${sheet}`,
  pull: (sheet) => `Pull ${sheet}`,
}

/** All acts that are still to come, in the order of the clock; at the same minute the water comes first: a sheet does not wait. */
export function actsToCome({ sheets }: Pick<DayPlan, 'sheets'>): DayAct[] {
  const order: Record<DayAct['kind'], number> = { lift: 0, in: 1, pull: 2, ink: 3 }
  const acts = sheets.flatMap(({ sheet, standing, inAt, liftAt, inkAt, pullAt }): DayAct[] => {
    if (standing === 'pulled') return []
    // A sheet that is printed dry, or was damped beforehand, has nothing to do at the tub.
    const isDamped = liftAt > inAt
    return [
      ...(isDamped && standing === 'to-come' ? [{ kind: 'in' as const, sheet, at: inAt }] : []),
      ...(isDamped && (standing === 'to-come' || standing === 'soaking')
        ? [{ kind: 'lift' as const, sheet, at: liftAt }]
        : []),
      { kind: 'ink', sheet, at: inkAt },
      { kind: 'pull', sheet, at: pullAt },
    ]
  })
  return acts.sort((a, b) => a.at - b.at || order[a.kind] - order[b.kind] || a.sheet - b.sheet)
}

/** The act the tub wants next, which cannot wait, or null. */
export const nextAtTheTub = (acts: readonly DayAct[]): DayAct | null =>
  acts.find(({ kind }) => kind === 'in' || kind === 'lift') ?? null
