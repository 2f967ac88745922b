import { pullsOnBench, runOnBench } from '@/core/edition/runs'
import { batPulls } from '@/core/record/batOnBench'
import { plateHistory } from '@/core/edition/plateHistory'
import { pictureDetails } from '@/data/across/images'
import { loadFacings, loadWatchSpots } from '@/data/plate/plateWatch'
import { StatesRoom } from '@/stations/plate/StatesRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'States and wear' }

async function StatesPage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const { id, plateStates } = job
  const pulls = pullsOnBench(job)
  const [images, spots, facings] = await Promise.all([
    pictureDetails(plateStates.flatMap(({ imageId }) => imageId ?? [])),
    loadWatchSpots(id),
    loadFacings(id),
  ])
  return (
    <StatesRoom
      states={plateStates.map(({ imageId, ...state }) => ({
        ...state,
        image: images.find((image) => image.id === imageId) ?? null,
      }))}
      spots={spots}
      facings={facings}
      pulls={pulls.length}
      history={plateHistory(pulls, batPulls(job), facings, runOnBench(job).earlierPulls)}
    />
  )
}

export default onlyFor('shop', StatesPage)
