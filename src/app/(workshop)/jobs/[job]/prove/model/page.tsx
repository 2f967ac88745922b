import { pullsOnBench, runOnBench } from '@/core/edition/runs'
import { batPulls } from '@/core/record/batOnBench'
import { loadStore } from '@/data/shop/store'
import { ModelRoom } from '@/stations/prove/ModelRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'
import { pixelsAddress } from '@/stations/across/pixelsAddress'

export const metadata = { title: 'Simulated print' }

async function ModelPage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const { inks, papers } = await loadStore()
  const { bench } = runOnBench(job)
  const plate = job.plateStates.findLast(({ imageId }) => imageId)?.imageId
  const paper = papers.find(({ id }) => id === bench.paper?.paperId)
  const bat = batPulls(job).proof
  const last = pullsOnBench(job).findLast(({ kind }) => kind === 'proof')
  return (
    <ModelRoom
      held={(bat ?? last)?.settings ?? null}
      heldName={bat ? 'the BAT' : `proof ${last?.number}`}
      ground={plate && paper ? { plateUrl: pixelsAddress(plate), inks, paper: paper.reflectance } : null}
    />
  )
}

export default onlyFor('shop', ModelPage)
