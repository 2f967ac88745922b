'use client'

import Link from 'next/link'
import { useRef } from 'react'
import { Menu } from 'lucide-react'
import { ThemeSwitch } from '@/ui/ThemeSwitch'
import { WorkshopNav } from '../../shop/workshop/WorkshopNav'
import { ViewHelp } from '../firstVisit/ViewHelp'
import { PersonSwitch } from '../person/PersonSwitch'
import { WaitingLine } from '../desk/WaitingLine'
import { useJob } from './BenchContext'
import { StationLine } from './StationLine'

/** The ways out of a job, folded: they are wanted seldom while one works. */
function JobMenu() {
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

/** The one bar of a job: what it is, the ten stations with their state, and the ways out. @param about whose work, and how many @param run the run on the bench */
export function JobBar({ about, run }: { about: string; run: string }) {
  const job = useJob()
  return (
    <header className="screen-only flex flex-wrap items-stretch border-b border-line lg:flex-nowrap">
      <section
        aria-label="Job"
        className="flex min-w-0 flex-1 flex-col justify-center px-4 py-1 lg:w-52 lg:flex-none"
      >
        <p className="station-title truncate text-base leading-tight" title={job.title}>
          {job.title}
        </p>
        <p className="condensed truncate text-sm leading-snug text-muted">
          {about} ·{' '}
          <Link href={`/jobs/${job.slug}/runs`} className="underline underline-offset-2">
            {run}
          </Link>
        </p>
      </section>
      <div className="order-last w-full min-w-0 lg:order-none lg:w-auto lg:flex-1">
        <StationLine />
      </div>
      <span className="flex items-center px-2">
        <WaitingLine />
        <PersonSwitch />
        <ViewHelp />
        <ThemeSwitch />
        <JobMenu />
      </span>
    </header>
  )
}
