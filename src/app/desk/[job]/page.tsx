import { dayOf } from '@/core/units/moment'
import { viewerZone } from '../../viewerZone'
import type { Metadata } from 'next'
import { DeskScreen } from '@/stations/across/desk/DeskScreen'
import { readDesk } from '@/stations/across/desk/readDesk'
import { openJob } from '../../jobs/[job]/openJob'

type Params = { params: Promise<{ job: string }> }

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  return { title: `Pull desk: ${(await openJob((await params).job)).title}` }
}

/** The pull desk of a job: by itself, so that nothing else is in the way of wet hands. */
export default async function DeskPage({ params }: Params) {
  const [job, zone] = [await openJob((await params).job), await viewerZone()]
  return (
    <main className="flex flex-1 flex-col p-3 sm:p-5">
      <DeskScreen key={job.id} desk={readDesk(job, dayOf(new Date().toISOString(), zone))} />
    </main>
  )
}
