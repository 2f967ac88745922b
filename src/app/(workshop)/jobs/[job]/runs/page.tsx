import { lastUsed, waitingToDry } from '@/core/edition/dryBetween'
import { sheetLines } from '@/core/edition/runs'
import { RunsRoom } from '@/stations/across/runs/RunsRoom'
import { openJob } from '../openJob'

export const metadata = { title: 'Runs' }

export default async function RunsPage({ params }: { params: Promise<{ job: string }> }) {
  const { runs, pulls, sheetMarks } = await openJob((await params).job)
  const lines = sheetLines(runs, pulls, sheetMarks)
  const now = new Date().toISOString()
  return (
    <RunsRoom
      runs={runs.map((run, at) => ({
        ...run,
        drying: waitingToDry(runs, lines, pulls, sheetMarks, at, now),
        lastUsed: lastUsed(sheetMarks, run.position),
      }))}
      lines={lines}
    />
  )
}
