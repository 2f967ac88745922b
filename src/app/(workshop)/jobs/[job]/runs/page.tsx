import { sheetLines } from '@/core/edition/runs'
import { RunsRoom } from '@/stations/across/runs/RunsRoom'
import { openJob } from '../openJob'

export const metadata = { title: 'Runs' }

export default async function RunsPage({ params }: { params: Promise<{ job: string }> }) {
  const { runs, pulls, sheetMarks } = await openJob((await params).job)
  return <RunsRoom runs={runs} lines={sheetLines(runs, pulls, sheetMarks)} />
}
