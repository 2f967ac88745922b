import { DRIES } from '../edition/dryBack'
import { FATES, PULL_KINDS } from '../edition/pullKinds'
import { QUANTITY_KEYS, type Quantity } from '../edition/quantities'
import { readPull } from '../edition/readPull'
import type { Pull } from '../edition/pull'
import { settingEntries } from '../prove/settingEntries'

/** One pull as a flat row for a spreadsheet; columns are the same for every row of a job. */
export type PullRow = Record<string, string | number>

/**
 * Pulls as rows: what, when, who, what was read, what became of it, then every setting in words.
 *
 * @param marks number given to each pull after sorting, by pull id
 */
export function pullRows(
  pulls: readonly (Pull & { runPosition: number; sheet: number })[],
  marks: ReadonlyMap<string, string>,
): PullRow[] {
  const columns = [...new Set(pulls.flatMap((pull) => settingEntries(pull.settings).map(({ key }) => key)))]
  return pulls.map((pull) => {
    const standing = readPull(pull)
    const settings = new Map(settingEntries(pull.settings).map(({ key, text }) => [key, text]))
    return {
      kind: PULL_KINDS[pull.kind],
      number: pull.number,
      mark: marks.get(pull.id) ?? '',
      run: pull.runPosition + 1,
      sheet: pull.sheet,
      pulledAt: pull.pulledAt,
      zone: pull.zone,
      estimated: pull.estimated ? 'yes' : 'no',
      inked: pull.hands.inked ?? '',
      wiped: pull.hands.wiped ?? '',
      laid: pull.hands.laid ?? '',
      batVersion: pull.batVersion ?? '',
      rollerSeconds: standing.rollerSeconds ?? '',
      eye: standing.eye ?? '',
      ...(Object.fromEntries(
        QUANTITY_KEYS.map((quantity) => [quantity, standing.readings[quantity] ?? '']),
      ) as Record<Quantity, number | ''>),
      ...Object.fromEntries(
        DRIES.map((quantity) => [`${quantity}Dry`, standing.dryReadings[quantity] ?? '']),
      ),
      scan: standing.match?.outcome ?? '',
      scanDeltaE00: standing.match?.deltaE00.mean ?? '',
      decision: standing.decision?.decision ?? '',
      reason: standing.decision?.reason ?? '',
      fate: standing.decision?.fate ? FATES[standing.decision.fate] : '',
      ...Object.fromEntries(columns.map((key) => [key, settings.get(key) ?? ''])),
    }
  })
}
