import { redirect } from 'next/navigation'
import { pullsOnBench } from '@/core/edition/runs'
import { purposeFacts } from '@/core/prove/purpose'
import { loadRoster } from '@/data/across/rosters'
import { ClassRoom } from '@/stations/across/class/ClassRoom'
import { OnDevice } from '@/ui/OnDevice'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Class' }

/** A class at the press; a job that is for none has its prints at the edition. */
async function ClassPage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  if (!purposeFacts(job.purpose).hasRoster) redirect(`/jobs/${job.slug}/edition`)
  return (
    <OnDevice>
      <ClassRoom roster={await loadRoster(job.id)} pulls={pullsOnBench(job)} />
    </OnDevice>
  )
}

export default onlyFor('shop', ClassPage)
