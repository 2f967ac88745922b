import { pullsOnBench, runOnBench } from '@/core/edition/runs'
import { batPulls } from '@/core/record/batOnBench'
import { paperDensity, spotDensity } from '@/core/ink/spotDensity'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { placeSpots } from '@/core/plate/spotZones'
import { EMPTY_ZONE_MAP } from '@/core/plate/zoneMap'
import { loadStore } from '@/data/shop/store'
import { latestZoneMap } from '@/data/plate/zoneMaps'
import { ToneRoom } from '@/stations/wipe/ToneRoom'
import { firstMix } from '@/core/ink/mix'
import { openJob } from '../../openJob'

export const metadata = { title: 'Densitometer' }

export default async function TonePage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const [kept, { inks, papers }] = await Promise.all([latestZoneMap(job.id), loadStore()])
  const { ink, paper, wipe } = runOnBench(job).bench
  const reflectance = papers.find((one) => one.id === paper?.paperId)?.reflectance ?? RAG_WHITE
  const parts = firstMix(ink)?.parts ?? []
  const used = parts
    .flatMap(({ inkId }) => inks.find((one) => one.id === inkId) ?? [])
    .map(({ name, k, s }) => ({ name, k, s }))
  const canForecast = used.length > 0 && used.length === parts.length
  const spots = placeSpots(kept?.map ?? EMPTY_ZONE_MAP).map(({ spot, at, zone }) => ({
    spot,
    at,
    zone: zone?.name ?? null,
    density: canForecast
      ? spotDensity(
          spot,
          zone?.tone ?? wipe?.plateTone ?? 'light',
          used,
          parts.map((part) => part.parts),
          reflectance,
        )
      : null,
  }))
  return (
    <ToneRoom
      spots={spots}
      paperDensity={paperDensity(reflectance)}
      pulls={pullsOnBench(job)}
      batPullId={batPulls(job).proof?.id ?? null}
      wetMinutes={job.bats.at(-1)?.wetMinutes ?? null}
    />
  )
}
