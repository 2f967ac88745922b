import { givenOf } from '@/core/edition/givenSheets'
import { isPrint, readPull } from '@/core/edition/readPull'
import { pullsOnBench } from '@/core/edition/runs'
import { learnGhost } from '@/core/ink/ghost'
import { loadGhostShares } from '@/data/across/ghosts'
import { latestZoneMap } from '@/data/plate/zoneMaps'
import { loadStore } from '@/data/shop/store'
import { LayDownRoom } from '@/stations/edition/layDowns/LayDownRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Lay-downs' }

async function LayDownPage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const [shares, { inks, papers }, zones] = await Promise.all([
    loadGhostShares(),
    loadStore(),
    latestZoneMap(job.id),
  ])
  const prints = pullsOnBench(job).filter(isPrint)
  const laid = job.pulls
    .flatMap(({ events }) => events)
    .filter(({ event }) => event.kind === 'laid' && event.laid.way !== 'ghost')
    .toSorted((a, b) => (a.at < b.at ? -1 : 1))
    .at(-1)?.event
  return (
    <LayDownRoom
      pulls={prints}
      onSlab={laid?.kind === 'laid' ? laid.laid.inks : null}
      ghost={learnGhost(shares)}
      inks={inks}
      papers={papers.map(({ id, reflectance }) => ({ id, reflectance }))}
      areas={zones?.map.zones.map(({ name }) => name) ?? []}
      pictures={Object.fromEntries(
        prints.map((pull) => [
          pull.id,
          readPull(pull).verdict?.imageId ?? givenOf(job.givenSheets, pull.sheet)?.imageId ?? null,
        ]),
      )}
    />
  )
}

export default onlyFor('shop', LayDownPage)
