import { readPull } from '@/core/edition/pull'
import { loadDryingPlaces } from '@/data/dryingPlaces'
import { loadUnlocks } from '@/data/unlocks'
import { DryStation } from '@/stations/dry/DryStation'
import { openJob } from '../openJob'

export default async function DryPage({ params }: { params: Promise<{ job: string }> }) {
  const { id: jobId, pulls, bats, prints, dryings } = await openJob((await params).job)
  const [{ places, loads }, unlocks] = await Promise.all([loadDryingPlaces(), loadUnlocks(jobId)])
  const edition = pulls.filter(({ kind }) => kind === 'edition').map((pull) => ({ pull, decision: readPull(pull).decision?.decision }))
  const accepted = edition.filter(({ decision }) => decision === 'accepted').map(({ pull }) => pull)
  const bat = bats.at(-1)
  return (
    <DryStation
      acceptedPulls={accepted} batProof={pulls.find(({ id }) => id === bat?.proofPullId) ?? null}
      openPulls={edition.filter(({ decision }) => !decision || decision === 'set-aside').length} prints={prints} dryings={dryings} places={places} loads={loads} unlocks={unlocks}
    />
  )
}
