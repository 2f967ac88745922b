import { readPull } from '@/core/edition/pull'
import { latestZoneMap } from '@/data/zoneMaps'
import { WipeStation } from '@/stations/wipe/WipeStation'
import { openJob } from '../openJob'

export default async function WipePage({ params }: { params: Promise<{ job: string }> }) {
  const { id, pulls, bats } = await openJob((await params).job)
  const times = pulls.map((pull) => readPull(pull).wipeSeconds)
  const bat = pulls.find((pull) => pull.id === bats.at(-1)?.proofPullId)
  const zones = (await latestZoneMap(id))?.map.zones ?? []
  return <WipeStation lastSeconds={times.findLast((seconds) => seconds !== null) ?? null} batTaken={bat ? readPull(bat).wipe : null} zoneTones={Object.fromEntries(zones.map(({ name, tone }) => [name, tone]))} />
}
