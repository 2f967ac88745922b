import { shownUnits } from '@/core/units/shownUnits'
import { shownTongue } from '@/core/units/tradeWords'
import { LaterReleaseError } from '@/data/database/migrations/migration'
import { WorkshopTroubleError } from '@/data/database/trouble'
import { workshopName } from '@/data/shop/mornings'
import { loadPeople } from '@/data/shop/people'
import { sharingNow } from '@/server/share/sharing'
import { SharedNow } from '@/stations/across/device/SharedContext'
import { People } from '@/stations/across/person/People'
import { WorkshopBar } from '@/stations/shop/workshop/WorkshopNav'
import { UnitsShown } from '@/ui/UnitsShown'
import { ViewerZone } from '@/ui/ViewerZone'
import { viewerZone } from './viewerZone'
import { onlyFor } from '@/stations/across/device/onlyFor'

/** Every page but the pull desk: the workshop’s name, where else to go, and what waits on this device. */
async function WorkshopLayout({ children }: { children: React.ReactNode }) {
  const workshop = await workshopName().catch((error: unknown) => {
    if (error instanceof LaterReleaseError || error instanceof WorkshopTroubleError) return error
    throw error
  })
  if (workshop instanceof Error)
    return (
      <main id="work" tabIndex={-1} className="p-8">
        <h1 className="station-title text-2xl">
          {workshop instanceof LaterReleaseError
            ? 'This workshop belongs to a later release'
            : 'This workshop does not open'}
        </h1>
        <p className="my-3 max-w-[60ch]">{workshop.message}</p>
      </main>
    )
  return (
    <>
      <People names={(await loadPeople()).map(({ name }) => name)}>
        <a
          href="#work"
          className="sr-only focus:not-sr-only focus:absolute focus:z-30 focus:bg-raised focus:px-4 focus:py-3 focus:underline"
        >
          Skip to the work
        </a>
        <WorkshopBar name={workshop} />
        <ViewerZone zone={await viewerZone()}>
          <SharedNow isShared={sharingNow() !== null}>
            <UnitsShown order={shownUnits()} tongue={shownTongue()}>
              {children}
            </UnitsShown>
          </SharedNow>
        </ViewerZone>
      </People>
    </>
  )
}

export default onlyFor('shop', WorkshopLayout)
