import { pullsOnBench } from '@/core/edition/runs'
import { loadWatchSpots } from '@/data/plateWatch'
import { loadProofPairs } from '@/data/proofPairs'
import { ProveStation } from '@/stations/prove/ProveStation'
import { openJob } from '../openJob'

export default async function ProvePage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const [spots, pairs] = await Promise.all([loadWatchSpots(job.id), loadProofPairs()])
  return <ProveStation proofs={pullsOnBench(job).filter(({ kind }) => kind === 'proof')} spots={spots} pairs={pairs} />
}
