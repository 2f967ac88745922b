import { pullsOnBench, runOnBench } from '@/core/edition/runs'
import { batPulls } from '@/core/record/batOnBench'
import { paperDensity, spotDensity } from '@/core/ink/spotDensity'
import { RAG_WHITE } from '@/core/paper/ragWhite'
import { placeSpots } from '@/core/plate/spotZones'
import { EMPTY_ZONE_MAP, type ToneSpot, type Zone } from '@/core/plate/zoneMap'
import { loadStore } from '@/data/shop/store'
import { latestZoneMap } from '@/data/plate/zoneMaps'
import { ToneRoom } from '@/stations/wipe/ToneRoom'
import { firstMix } from '@/core/ink/mix'
import { mixOfInk } from '@/core/ink/plateInks'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Densitometer' }

async function TonePage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const [kept, { inks, papers }] = await Promise.all([latestZoneMap(job.id), loadStore()])
  const { ink, paper, wipe } = runOnBench(job).bench
  const reflectance = papers.find((one) => one.id === paper?.paperId)?.reflectance ?? RAG_WHITE
  /** What a place prints, by the ink of its zone; without one by the run's first. */
  const densityAt = (spot: ToneSpot, zone: Zone | null): number | null => {
    const mix = (zone?.ink && mixOfInk(ink, zone.ink)) ?? firstMix(ink)
    const parts = mix?.parts ?? []
    const used = parts
      .flatMap(({ inkId }) => inks.find((one) => one.id === inkId) ?? [])
      .map(({ name, k, s }) => ({ name, k, s }))
    if (used.length === 0 || used.length < parts.length) return null
    const amounts = parts.map((part) => part.parts)
    return spotDensity(spot, zone?.tone ?? wipe?.plateTone ?? 'light', used, amounts, reflectance)
  }
  const spots = placeSpots(kept?.map ?? EMPTY_ZONE_MAP).map(({ spot, at, zone }) => ({
    spot,
    at,
    zone: zone?.name ?? null,
    density: densityAt(spot, zone),
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

export default onlyFor('shop', TonePage)
