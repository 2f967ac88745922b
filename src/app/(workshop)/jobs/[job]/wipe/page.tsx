import { pullsOnBench } from '@/core/edition/runs'
import { batPulls } from '@/core/record/batOnBench'
import { readPull } from '@/core/edition/readPull'
import { loadInks } from '@/data/shop/inks'
import { latestZoneMap } from '@/data/plate/zoneMaps'
import { lastInked } from '@/stations/wipe/lastInked'
import { WipeStation } from '@/stations/wipe/WipeStation'
import { openJob } from '../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Wipe' }

async function WipePage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const pulls = pullsOnBench(job)
  const times = pulls.map((pull) => readPull(pull).wipeSeconds)
  const bat = batPulls(job).proof
  const [map, inks] = await Promise.all([latestZoneMap(job.id), loadInks()])
  const zones = map?.map.zones ?? []
  const kinds = Object.fromEntries(inks.map(({ id, kind }) => [id, kind]))
  return (
    <WipeStation
      lastSeconds={times.findLast((seconds) => seconds !== null) ?? null}
      batTaken={bat ? readPull(bat).wipe : null}
      last={lastInked(pulls.at(-1), kinds, new Date().toISOString())}
      kinds={kinds}
      zoneTones={Object.fromEntries(zones.map(({ name, tone }) => [name, tone]))}
    />
  )
}

export default onlyFor('shop', WipePage)
