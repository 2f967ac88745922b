import { pullsOnBench } from '@/core/edition/runs'
import { batPulls } from '@/core/record/batOnBench'
import { readPull } from '@/core/edition/readPull'
import { inksInPlate, PUT_AWAY_HOURS } from '@/core/wipe/inkLeftIn'
import type { ShelfInk } from '@/core/ink/shelfInk'
import type { FiledPull } from '@/core/record/jobFile'
import { loadInks } from '@/data/shop/inks'
import { latestZoneMap } from '@/data/plate/zoneMaps'
import { WipeStation } from '@/stations/wipe/WipeStation'
import { openJob } from '../openJob'

/** The ink a plate last printed, once so long went by that it may have been put away. @param now ISO 8601 in UTC */
function lastInked(last: FiledPull | undefined, kinds: Record<string, ShelfInk['kind']>, now: string) {
  if (!last || Date.parse(now) - Date.parse(last.pulledAt) < PUT_AWAY_HOURS * 3_600_000) return null
  return { at: last.pulledAt, inks: inksInPlate(last.settings.ink.mixes, kinds) }
}

export const metadata = { title: 'Wipe' }

export default async function WipePage({ params }: { params: Promise<{ job: string }> }) {
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
