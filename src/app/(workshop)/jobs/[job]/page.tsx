import { redirect } from 'next/navigation'
import { STATION_KEYS } from '@/core/prove/settings'
import { stationState } from '@/stations/across/bench/stationState'
import { openBench } from './openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

/** A job without a station opens at the first one that needs you. */
async function JobPage({ params }: { params: Promise<{ job: string }> }): Promise<never> {
  const job = await openBench((await params).job)
  const next =
    STATION_KEYS.find((station) => stationState(station, job, job.bench).mark === 'needs-you') ?? 'record'
  redirect(`/jobs/${job.slug}/${next}`)
}

export default onlyFor('shop', JobPage)
