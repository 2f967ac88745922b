import type { DocumentKind } from '../document/documentKind'
import { asideWithin, readLeniently, type SetAside } from '../document/setAside'
import { settingsDocument } from '../prove/settingsDocument'
import { batSchema, type Bat } from './jobFile'

type BatRun = Bat['runs'][number]
const runsSchema = batSchema.shape.runs

/** Settings of every run of a BAT brought up to today's, whatever the rest of the document is. */
export function upgradeBatRuns(runs: unknown): { runs: unknown; aside: SetAside[] } {
  if (!Array.isArray(runs)) return { runs, aside: [] }
  const aside: SetAside[] = []
  const upgraded = runs.map((run: unknown, i) => {
    if (typeof run !== 'object' || run === null || !('settings' in run)) return run
    const settings = settingsDocument.read(run.settings)
    aside.push(...asideWithin([i, 'settings'], settings.aside))
    return { ...run, settings: settings.value }
  })
  return { runs: upgraded, aside }
}

/** The BAT's part for every run: a list, whose settings have the version. */
export const batRunsDocument: DocumentKind<BatRun[]> = {
  version: settingsDocument.version,
  read: (document) => {
    const { runs, aside } = upgradeBatRuns(document)
    const read = readLeniently(runsSchema, runs)
    return { value: read.value, aside: [...aside, ...read.aside] }
  },
  write: (value) => runsSchema.parse(value) as unknown as Record<string, unknown>,
}
