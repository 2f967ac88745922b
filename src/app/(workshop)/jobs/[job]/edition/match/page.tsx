import { pullsOnBench } from '@/core/edition/runs'
import { printedLayout } from '@/core/match/printedLayout'
import { batPulls } from '@/core/record/batOnBench'
import { latestZoneMap } from '@/data/plate/zoneMaps'
import { MatchRoom } from '@/stations/across/match/MatchRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Match check' }

async function MatchPage({
  params,
  searchParams,
}: {
  params: Promise<{ job: string }>
  searchParams: Promise<{ pull?: string }>
}) {
  const job = await openJob((await params).job)
  const { pull } = await searchParams
  const bat = batPulls(job).proof
  const place = printedLayout(bat?.settings ?? null, (await latestZoneMap(job.id))?.map.zones ?? [])
  return (
    <MatchRoom
      pulls={pullsOnBench(job).filter(({ kind }) => kind === 'edition')}
      bat={bat}
      {...place}
      asked={pull ?? null}
    />
  )
}

export default onlyFor('shop', MatchPage)
