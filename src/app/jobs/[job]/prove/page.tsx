import { loadWatchSpots } from '@/data/plateWatch'
import { ProveStation } from '@/stations/prove/ProveStation'
import { openJob } from '../openJob'

export default async function ProvePage({ params }: { params: Promise<{ job: string }> }) {
  const { id, pulls } = await openJob((await params).job)
  return <ProveStation proofs={pulls.filter(({ kind }) => kind === 'proof')} spots={await loadWatchSpots(id)} />
}
