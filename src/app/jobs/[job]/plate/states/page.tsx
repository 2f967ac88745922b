import { plateHistory } from '@/core/edition/plateHistory'
import { pictureDetails } from '@/data/images'
import { loadFacings, loadWatchSpots } from '@/data/plateWatch'
import { StatesRoom } from '@/stations/plate/StatesRoom'
import { openJob } from '../../openJob'

export default async function StatesPage({ params }: { params: Promise<{ job: string }> }) {
  const { id, plateStates, pulls, bats } = await openJob((await params).job)
  const [images, spots, facings] = await Promise.all([pictureDetails(plateStates.flatMap(({ imageId }) => imageId ?? [])), loadWatchSpots(id), loadFacings(id)])
  const bat = pulls.find((pull) => pull.id === bats.at(-1)?.proofPullId) ?? null
  return (
    <StatesRoom
      states={plateStates.map(({ imageId, ...state }) => ({ ...state, image: images.find((image) => image.id === imageId) ?? null }))} spots={spots} facings={facings} pulls={pulls.length}
      history={plateHistory(pulls, bat, facings)}
    />
  )
}
