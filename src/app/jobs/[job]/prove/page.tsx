import { loadWatchSpots } from '@/data/plateWatch'
import { loadProofPairs } from '@/data/proofPairs'
import { ProveStation } from '@/stations/prove/ProveStation'
import { openJob } from '../openJob'

export default async function ProvePage({ params }: { params: Promise<{ job: string }> }) {
  const { id, pulls } = await openJob((await params).job)
  const [spots, pairs] = await Promise.all([loadWatchSpots(id), loadProofPairs()])
  return <ProveStation proofs={pulls.filter(({ kind }) => kind === 'proof')} spots={spots} pairs={pairs} />
}
