import type { Metadata, Viewport } from 'next'
import { LaterReleaseError } from '@/data/database/migrations/migration'
import { workshopName } from '@/data/shop/mornings'
import { HydrationMark } from '@/ui/HydrationMark'
import { ShortcutList } from '@/ui/ShortcutList'
import { ViewerZone } from '@/ui/ViewerZone'
import { viewerZone } from './viewerZone'
import { ThemeSwitch, THEME_SCRIPT } from '@/ui/ThemeSwitch'
import { headers } from 'next/headers'
import Link from 'next/link'
import './globals.css'

export const metadata: Metadata = {
  title: { default: 'Typothesis', template: '%s · Typothesis' },
  description: 'Every proof is a test: settings, pulls and editions of an intaglio workshop.',
}
export const viewport: Viewport = { width: 'device-width', initialScale: 1 }
export const dynamic = 'force-dynamic'

export default async function RootLayout({ children }: { children: React.ReactNode }) {
  const workshop = await workshopName().catch((error: unknown) => {
    if (error instanceof LaterReleaseError) return error
    throw error
  })
  if (workshop instanceof LaterReleaseError)
    return (
      <html lang="en">
        <body>
          <main className="p-8">
            <h1 className="station-title text-2xl">This workshop belongs to a later release</h1>
            <p className="my-3 max-w-[60ch]">{workshop.message}</p>
          </main>
        </body>
      </html>
    )
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        {/* Browsers hide the mark from what reads the page, so that it never equals what was sent. */}
        <script
          nonce={(await headers()).get('x-nonce') ?? undefined}
          suppressHydrationWarning
          dangerouslySetInnerHTML={{ __html: THEME_SCRIPT }}
        />
      </head>
      <body className="flex flex-col">
        <header className="screen-only flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-line px-4 py-1.5 text-sm">
          <Link href="/" className="station-title text-base no-underline">
            Typothesis
          </Link>
          {workshop && <span className="text-muted">{workshop}</span>}
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
            <ShortcutList
              shortcuts={[
                ['[ and ]', 'Station before, station after'],
                ['Ctrl + Z', 'Take back the last change of this station'],
                [
                  '7 1 · 9 3 · 8 2',
                  'At the press: left, right, both screws a quarter turn tighter or looser',
                ],
                ['Enter · − · +', 'At the edition, after a pull: matches, lighter, darker'],
                ['0', 'At the edition: pulled now'],
                ['?', 'This list'],
              ]}
            />
            <ThemeSwitch />
          </nav>
        </header>
        <ViewerZone zone={await viewerZone()}>{children}</ViewerZone>
        <HydrationMark />
      </body>
    </html>
  )
}
