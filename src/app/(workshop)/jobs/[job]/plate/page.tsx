import { pullsOnBench, runOnBench } from '@/core/edition/runs'
import { batPulls } from '@/core/record/batOnBench'
import { plateHistory } from '@/core/edition/plateHistory'
import { pictureDetails } from '@/data/across/images'
import { loadFacings } from '@/data/plate/plateWatch'
import { PlateStation } from '@/stations/plate/PlateStation'
import { openJob } from '../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Plate' }

async function PlatePage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const { id, plateStates } = job
  const pulls = pullsOnBench(job)
  const [images, facings] = await Promise.all([
    pictureDetails(plateStates.flatMap(({ imageId }) => imageId ?? [])),
    loadFacings(id),
  ])
  return (
    <PlateStation
      states={plateStates.map(({ imageId, ...state }) => ({
        ...state,
        image: images.find((image) => image.id === imageId) ?? null,
      }))}
      history={plateHistory(pulls, batPulls(job), facings, runOnBench(job).earlierPulls)}
    />
  )
}

export default onlyFor('shop', PlatePage)
