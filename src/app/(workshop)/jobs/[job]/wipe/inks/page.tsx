import { runOnBench } from '@/core/edition/runs'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { loadCards } from '@/data/ink/cards'
import { loadStore } from '@/data/shop/store'
import { latestZoneMap } from '@/data/plate/zoneMaps'
import { lookOver } from '@/stations/wipe/inkLooks'
import { PoupeeRoom } from '@/stations/wipe/PoupeeRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Inks in order' }

async function InksPage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const { id } = job
  const [kept, { inks, papers }, cards] = await Promise.all([latestZoneMap(id), loadStore(), loadCards()])
  const paper =
    papers.find((one) => one.id === runOnBench(job).bench.paper?.paperId)?.reflectance ?? RAG_WHITE
  return <PoupeeRoom kept={kept} inks={lookOver(inks, cards, paper)} />
}

export default onlyFor('shop', InksPage)
