import { pullEventSchema } from '@/core/edition/pull'
import { readPull } from '@/core/edition/readPull'
import { settingsSchema } from '@/core/prove/settings'
import type { ProofPair } from '@/core/prove/whatMoved'
import { openDatabase } from '../database/database'
import { readReadable } from '../database/readRows'

/** Proofs of all jobs, one after the other in one run, that were both judged: what was changed between them and what it did. */
export async function loadProofPairs(): Promise<ProofPair[]> {
  const { tables } = await openDatabase()
  const [pulls, verdicts] = await Promise.all([
    readReadable(tables.pulls, { where: { kind: 'proof' }, order: ['jobId', 'runPosition', 'place'] }),
    readReadable(tables.pull_events, { where: { subject: 'verdict' }, order: ['id'] }),
  ])
  const judged = pulls.map(({ jobId, runPosition, id, settings }) => {
    const events = verdicts
      .filter((row) => row.jobId === jobId && row.pullId === id)
      .map(({ event, at, by, why }) => ({ event: pullEventSchema.parse(event), at, by, why }))
    return {
      jobId,
      runPosition,
      settings: settingsSchema.parse(settings),
      features: readPull({ events }).verdict?.features ?? null,
    }
  })
  return judged.slice(1).flatMap((after, i): ProofPair[] => {
    const before = judged[i]
    if (
      before.jobId !== after.jobId ||
      before.runPosition !== after.runPosition ||
      !before.features ||
      !after.features
    )
      return []
    const { press, plate, paper } = after.settings
    return [
      {
        press: press.pressId,
        plateKind: plate.kind,
        paperId: paper.paperId,
        before: { settings: before.settings, features: before.features },
        after: { settings: after.settings, features: after.features },
      },
    ]
  })
}
