import { readPull } from '@/core/edition/pull'
import { loadDryingPlaces } from '@/data/dryingPlaces'
import { DryStation } from '@/stations/dry/DryStation'
import { openJob } from '../openJob'

export default async function DryPage({ params }: { params: Promise<{ job: string }> }) {
  const { pulls, bats, prints, dryings } = await openJob((await params).job)
  const { places, loads } = await loadDryingPlaces()
  const edition = pulls.filter(({ kind }) => kind === 'edition').map((pull) => ({ pull, decision: readPull(pull).decision?.decision }))
  const accepted = edition.filter(({ decision }) => decision === 'accepted').map(({ pull }) => pull)
  const bat = bats.at(-1)
  return (
    <DryStation
      acceptedPulls={accepted} batProof={pulls.find(({ id }) => id === bat?.proofPullId) ?? null}
      openPulls={edition.filter(({ decision }) => !decision || decision === 'set-aside').length} prints={prints} dryings={dryings} places={places} loads={loads}
    />
  )
}
