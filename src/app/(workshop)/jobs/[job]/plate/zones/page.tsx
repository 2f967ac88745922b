import { runOnBench } from '@/core/edition/runs'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { loadCards } from '@/data/ink/cards'
import { loadStore } from '@/data/shop/store'
import { latestZoneMap } from '@/data/plate/zoneMaps'
import { ZoneRoom } from '@/stations/plate/ZoneRoom'
import { lookOver } from '@/stations/wipe/inkLooks'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Zones' }

async function ZonesPage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const { id, plateStates } = job
  const [kept, { inks, papers }, cards] = await Promise.all([latestZoneMap(id), loadStore(), loadCards()])
  const paper =
    papers.find((one) => one.id === runOnBench(job).bench.paper?.paperId)?.reflectance ?? RAG_WHITE
  const picture = plateStates.findLast(({ imageId }) => imageId)?.imageId
  return (
    <ZoneRoom
      kept={kept}
      picture={picture ? `/pictures/${picture}/view` : null}
      inks={lookOver(inks, cards, paper)}
    />
  )
}

export default onlyFor('shop', ZonesPage)
