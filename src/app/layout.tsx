import type { Metadata, Viewport } from 'next'
import { HydrationMark } from '@/ui/HydrationMark'
import { LIVE_REGION } from '@/ui/liveRegion'
import { THEME_SCRIPT } from '@/ui/ThemeSwitch'
import { headers } from 'next/headers'
import './globals.css'

export const metadata: Metadata = {
  title: { default: 'Typothesis', template: '%s · Typothesis' },
  description: 'Every proof is a test: settings, pulls and editions of an intaglio workshop.',
}
export const viewport: Viewport = { width: 'device-width', initialScale: 1 }
export const dynamic = 'force-dynamic'

/** The page around everything. It asks nothing of the workshop, so that the desk’s shell stands whatever becomes of that. */
export default async function RootLayout({ children }: { children: React.ReactNode }) {
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
        {children}
        <div
          id={LIVE_REGION}
          role="status"
          aria-atomic={false}
          aria-relevant="additions"
          className="sr-only"
        />
        <HydrationMark />
      </body>
    </html>
  )
}
