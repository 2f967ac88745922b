import { pictureDetails } from '@/data/images'
import { PlateStation } from '@/stations/plate/PlateStation'
import { openJob } from '../openJob'

export default async function PlatePage({ params }: { params: Promise<{ job: string }> }) {
  const { plateStates } = await openJob((await params).job)
  const images = await pictureDetails(plateStates.flatMap(({ imageId }) => imageId ?? []))
  return <PlateStation states={plateStates.map(({ imageId, ...state }) => ({ ...state, image: images.find(({ id }) => id === imageId) ?? null }))} />
}
