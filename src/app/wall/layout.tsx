import { shownUnits } from '@/core/units/shownUnits'
import { shownTongue } from '@/core/units/tradeWords'
import { onlyFor } from '@/stations/across/device/onlyFor'
import { UnitsShown } from '@/ui/UnitsShown'
import { ViewerZone } from '@/ui/ViewerZone'
import { viewerZone } from '../(workshop)/viewerZone'

/** A screen on the wall: nothing to press, and no way anywhere. */
async function WallLayout({ children }: { children: React.ReactNode }) {
  return (
    <ViewerZone zone={await viewerZone()}>
      <UnitsShown order={shownUnits()} tongue={shownTongue()}>
        {children}
      </UnitsShown>
    </ViewerZone>
  )
}

export default onlyFor('wall', WallLayout)
