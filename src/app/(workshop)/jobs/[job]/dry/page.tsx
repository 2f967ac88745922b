import { makersByPull } from '@/core/edition/roster'
import { loadRoster } from '@/data/across/rosters'
import { sheetLines } from '@/core/edition/runs'
import { loadDryingPlaces } from '@/data/shop/dryingPlaces'
import { loadSorting } from '@/data/dry/sortings'
import { loadUnlocks } from '@/data/dry/unlocks'
import { DryStation } from '@/stations/dry/DryStation'
import { openJob } from '../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Dry & Sign' }

async function DryPage({ params }: { params: Promise<{ job: string }> }) {
  const {
    id: jobId,
    openRun,
    pulls,
    bats,
    prints,
    dryings,
    signing,
    ...job
  } = await openJob((await params).job)
  const [{ places, loads }, unlocks, kept, roster] = await Promise.all([
    loadDryingPlaces(),
    loadUnlocks(jobId),
    loadSorting(jobId),
    loadRoster(jobId),
  ])
  const lines = sheetLines({ ...job, pulls })
  const pullsOf = (wanted: (line: (typeof lines)[number]) => boolean) =>
    lines.filter(wanted).flatMap(({ lastPullId }) => pulls.find(({ id }) => id === lastPullId) ?? [])
  return (
    <DryStation
      acceptedPulls={pullsOf(({ isThrough }) => isThrough)}
      setAside={pullsOf(({ isThrough, isLost }) => !isThrough && !isLost)}
      rejected={pullsOf(({ isLost }) => isLost)}
      batProof={pulls.find(({ id }) => id === bats.at(-1)?.proofPullId) ?? null}
      cancellation={
        pulls.find(({ kind, runPosition }) => kind === 'cancellation' && runPosition === openRun) ?? null
      }
      makers={makersByPull(roster, pulls)}
      kept={kept}
      signing={signing}
      prints={prints}
      dryings={dryings}
      places={places}
      loads={loads}
      unlocks={unlocks}
    />
  )
}

export default onlyFor('shop', DryPage)
