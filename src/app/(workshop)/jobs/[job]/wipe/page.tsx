import { pullsOnBench } from '@/core/edition/runs'
import { batPulls } from '@/core/record/batOnBench'
import { readPull } from '@/core/edition/readPull'
import { latestZoneMap } from '@/data/plate/zoneMaps'
import { WipeStation } from '@/stations/wipe/WipeStation'
import { openJob } from '../openJob'

export const metadata = { title: 'Wipe' }

export default async function WipePage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const times = pullsOnBench(job).map((pull) => readPull(pull).wipeSeconds)
  const bat = batPulls(job).proof
  const zones = (await latestZoneMap(job.id))?.map.zones ?? []
  return (
    <WipeStation
      lastSeconds={times.findLast((seconds) => seconds !== null) ?? null}
      batTaken={bat ? readPull(bat).wipe : null}
      zoneTones={Object.fromEntries(zones.map(({ name, tone }) => [name, tone]))}
    />
  )
}
