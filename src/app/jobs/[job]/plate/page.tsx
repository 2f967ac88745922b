import { plateHistory } from '@/core/edition/plateHistory'
import { pictureDetails } from '@/data/images'
import { loadFacings } from '@/data/plateWatch'
import { PlateStation } from '@/stations/plate/PlateStation'
import { openJob } from '../openJob'

export default async function PlatePage({ params }: { params: Promise<{ job: string }> }) {
  const { id, plateStates, pulls, bats } = await openJob((await params).job)
  const [images, facings] = await Promise.all([pictureDetails(plateStates.flatMap(({ imageId }) => imageId ?? [])), loadFacings(id)])
  const bat = pulls.find((pull) => pull.id === bats.at(-1)?.proofPullId) ?? null
  return <PlateStation states={plateStates.map(({ imageId, ...state }) => ({ ...state, image: images.find((image) => image.id === imageId) ?? null }))} history={plateHistory(pulls, bat, facings)} />
}
