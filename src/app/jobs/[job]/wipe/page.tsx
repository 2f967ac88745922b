import { readPull } from '@/core/edition/pull'
import { WipeStation } from '@/stations/wipe/WipeStation'
import { openJob } from '../openJob'

export default async function WipePage({ params }: { params: Promise<{ job: string }> }) {
  const { pulls } = await openJob((await params).job)
  const times = pulls.map((pull) => readPull(pull).wipeSeconds)
  return <WipeStation lastSeconds={times.findLast((seconds) => seconds !== null) ?? null} />
}
