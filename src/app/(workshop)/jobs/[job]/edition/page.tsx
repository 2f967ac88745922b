import { redirect } from 'next/navigation'
import { purposeFacts } from '@/core/prove/purpose'
import { pullsOnBench } from '@/core/edition/runs'
import { batPulls } from '@/core/record/batOnBench'
import { readThrough } from '@/core/record/through'
import { loadFacings, loadWatchSpots } from '@/data/plate/plateWatch'
import { EditionStation } from '@/stations/edition/EditionStation'
import { openJob } from '../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Edition' }

async function EditionPage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  if (purposeFacts(job.purpose).hasRoster) redirect(`/jobs/${job.slug}/edition/class`)
  const { proof, otherEnd } = batPulls(job)
  const [spots, facings] = await Promise.all([loadWatchSpots(job.id), loadFacings(job.id)])
  return (
    <EditionStation
      pulls={pullsOnBench(job)}
      withdrawn={pullsOnBench({ ...job, pulls: job.withdrawn })}
      lastPullId={job.pulls.at(-1)?.id ?? null}
      bat={proof}
      otherEnd={otherEnd}
      through={readThrough(job)}
      spots={spots}
      facings={facings}
    />
  )
}

export default onlyFor('shop', EditionPage)
