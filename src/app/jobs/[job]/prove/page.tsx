import { pullsOnBench } from '@/core/edition/runs'
import { loadWatchSpots } from '@/data/plateWatch'
import { loadProofPairs } from '@/data/proofPairs'
import { latestZoneMap } from '@/data/zoneMaps'
import { ProveStation } from '@/stations/prove/ProveStation'
import { openJob } from '../openJob'

export default async function ProvePage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const [spots, pairs, zones] = await Promise.all([
    loadWatchSpots(job.id),
    loadProofPairs(),
    latestZoneMap(job.id),
  ])
  return (
    <ProveStation
      proofs={pullsOnBench(job).filter(({ kind }) => kind === 'proof')}
      spots={spots}
      zoneMap={zones?.map ?? null}
      pairs={pairs}
    />
  )
}
