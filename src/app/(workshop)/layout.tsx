import { shownUnits } from '@/core/units/shownUnits'
import { LaterReleaseError } from '@/data/database/migrations/migration'
import { WorkshopTroubleError } from '@/data/database/trouble'
import { workshopName } from '@/data/shop/mornings'
import { WaitingCount } from '@/stations/across/desk/WaitingCount'
import { ShortcutList } from '@/ui/ShortcutList'
import { ThemeSwitch } from '@/ui/ThemeSwitch'
import { UnitsShown } from '@/ui/UnitsShown'
import { ViewerZone } from '@/ui/ViewerZone'
import Link from 'next/link'
import { viewerZone } from './viewerZone'

/** Every page but the pull desk: the workshop’s name, where else to go, and what waits on this device. */
export default async function WorkshopLayout({ children }: { children: React.ReactNode }) {
  const workshop = await workshopName().catch((error: unknown) => {
    if (error instanceof LaterReleaseError || error instanceof WorkshopTroubleError) return error
    throw error
  })
  if (workshop instanceof Error)
    return (
      <main className="p-8">
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
      <header className="screen-only flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-line px-4 py-1.5 text-sm">
        <Link href="/" className="station-title text-base no-underline">
          Typothesis
        </Link>
        {workshop && <span className="text-muted">{workshop}</span>}
        <WaitingCount />
        <nav aria-label="Workshop" className="ml-auto flex flex-wrap items-center gap-x-5">
          <Link href="/" className="py-2 underline-offset-4 hover:underline">
            Morning
          </Link>
          <Link href="/jobs/new" className="py-2 underline-offset-4 hover:underline">
            New job
          </Link>
          <Link href="/queue" className="py-2 underline-offset-4 hover:underline">
            Open day
          </Link>
          <Link href="/store" className="py-2 underline-offset-4 hover:underline">
            Store
          </Link>
          <ShortcutList />
          <ThemeSwitch />
        </nav>
      </header>
      <ViewerZone zone={await viewerZone()}>
        <UnitsShown order={shownUnits()}>{children}</UnitsShown>
      </ViewerZone>
    </>
  )
}
