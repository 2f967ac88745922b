'use client'

import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { useRef } from 'react'
import { Menu } from 'lucide-react'
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

/** The ways out, folded: at a job, where they are wanted seldom, and where there is no room for them. */
export function WorkshopMenu() {
  const menu = useRef<HTMLDetailsElement>(null)
  const close = () => {
    if (menu.current) menu.current.open = false
  }
  return (
    <details
      ref={menu}
      className="relative"
      onBlur={({ currentTarget, relatedTarget }) => {
        if (!currentTarget.contains(relatedTarget)) close()
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape') close()
      }}
    >
      <summary
        aria-label="Menu"
        className="grid size-11 cursor-pointer list-none place-items-center [&::-webkit-details-marker]:hidden"
      >
        <Menu size={18} aria-hidden />
      </summary>
      <WorkshopNav
        onGo={close}
        className="absolute top-full right-0 z-20 flex w-44 flex-col border border-edge bg-raised px-4 py-2 shadow-lg"
      />
    </details>
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
      <WorkshopNav className="ml-auto hidden flex-wrap items-center gap-x-5 lg:flex" />
      <span className="ml-auto flex items-center lg:ml-0">
        <PersonSwitch />
        <ViewHelp />
        <ThemeSwitch />
        <span className="lg:hidden">
          <WorkshopMenu />
        </span>
      </span>
    </header>
  )
}
