import { readPull } from '@/core/edition/readPull'
import { pullsOnBench } from '@/core/edition/runs'
import { loadWatchSpots } from '@/data/plate/plateWatch'
import { adviseNext } from '@/core/prove/whatMoved'
import { loadKnownPresses } from '@/data/press/presses'
import { loadProofPairs } from '@/data/prove/proofPairs'
import { latestZoneMap } from '@/data/plate/zoneMaps'
import { ProveStation } from '@/stations/prove/ProveStation'
import { openJob } from '../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Prove' }

async function ProvePage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const [spots, pairs, zones, presses] = await Promise.all([
    loadWatchSpots(job.id),
    loadProofPairs(),
    latestZoneMap(job.id),
    loadKnownPresses(),
  ])
  const proofs = pullsOnBench(job).filter(({ kind }) => kind === 'proof')
  const last = proofs.at(-1)
  return (
    <ProveStation
      proofs={proofs}
      advice={
        last
          ? adviseNext(readPull(last).verdict?.features ?? null, pairs, {
              settings: last.settings,
              press: presses[last.settings.press.pressId] ?? null,
            })
          : null
      }
      withdrawn={pullsOnBench({ ...job, pulls: job.withdrawn }).filter(({ kind }) => kind === 'proof')}
      lastPullId={job.pulls.at(-1)?.id ?? null}
      spots={spots}
      zoneMap={zones?.map ?? null}
      pairs={pairs}
    />
  )
}

export default onlyFor('shop', ProvePage)
