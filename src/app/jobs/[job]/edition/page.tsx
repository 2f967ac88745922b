import { loadWatchSpots } from '@/data/plateWatch'
import { EditionStation } from '@/stations/edition/EditionStation'
import { openJob } from '../openJob'

export default async function EditionPage({ params }: { params: Promise<{ job: string }> }) {
  const { id: jobId, pulls, bats } = await openJob((await params).job)
  const bat = bats.at(-1)
  return <EditionStation pulls={pulls} bat={pulls.find(({ id }) => id === bat?.proofPullId) ?? null} otherEnd={pulls.find(({ id }) => id === bat?.otherProofPullId) ?? null} spots={await loadWatchSpots(jobId)} />
}
