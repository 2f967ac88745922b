'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { ThemeSwitch } from '@/ui/ThemeSwitch'
import { ViewHelp } from '../../across/firstVisit/ViewHelp'
import { PersonSwitch } from '../../across/person/PersonSwitch'
import { WaitingLine } from '../../across/desk/WaitingLine'

/** Where to go beside a job, in the order of a day. */
const PLACES = [
  ['/', 'Today'],
  ['/week', 'Week'],
  ['/jobs', 'Jobs'],
  ['/jobs/new', 'New job'],
  ['/queue', 'Press queue'],
  ['/store', 'Stockroom'],
  ['/devices', 'Devices'],
  ['/help', 'Help'],
] as const

/** The ways out of wherever one is. @param className of the list @param onGo something was chosen */
export function WorkshopNav({ className, onGo }: { className: string; onGo?: () => void }) {
  return (
    <nav aria-label="Workshop" className={className}>
      {PLACES.map(([href, words]) => (
        <Link key={href} href={href} onClick={onGo} className="py-2 underline-offset-4 hover:underline">
          {words}
        </Link>
      ))}
    </nav>
  )
}

const JOB_PAGE = /^\/jobs\/(?!new(?:\/|$))/

/** The bar of every page but a job's, which has one of its own. */
export function WorkshopBar({ name }: { name: string | null }) {
  if (JOB_PAGE.test(usePathname())) return null
  return (
    <header className="screen-only flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-line px-4 py-1 text-sm">
      <Link href="/" className="station-title text-base no-underline">
        Typothesis
      </Link>
      {name && <span className="text-muted">{name}</span>}
      <WaitingLine />
      <WorkshopNav className="ml-auto flex flex-wrap items-center gap-x-5" />
      <span className="flex items-center">
        <PersonSwitch />
        <ViewHelp />
        <ThemeSwitch />
      </span>
    </header>
  )
}
