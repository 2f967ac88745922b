'use client'

import Link from 'next/link'
import { ThemeSwitch } from '@/ui/ThemeSwitch'
import { WorkshopMenu } from '../../shop/workshop/WorkshopNav'
import { ViewHelp } from '../firstVisit/ViewHelp'
import { PersonSwitch } from '../person/PersonSwitch'
import { WaitingLine } from '../desk/WaitingLine'
import { useJob } from './BenchContext'
import { StationLine } from './StationLine'

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
        <WorkshopMenu />
      </span>
    </header>
  )
}
