import type { Metadata } from 'next'
import Link from 'next/link'
import { runOnBench } from '@/core/edition/runs'
import { BenchProvider } from '@/stations/across/bench/BenchContext'
import { ConflictNotice } from '@/stations/across/bench/ConflictNotice'
import { Slip } from '@/stations/across/bench/Slip'
import { StationLine } from '@/stations/across/bench/StationLine'
import { UnreadableNote } from '@/stations/shop/workshop/UnreadableNote'
import { UnreadableJobError } from '@/data/database/errors'
import { onlyUnreadable, openBench, openJob } from './openJob'

type Params = { params: Promise<{ job: string }> }

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  const job = await openJob((await params).job).catch(onlyUnreadable)
  return { title: job.title }
}

/** A job opens as a bench: the stations along one line, the open one's instrument in the middle, the Slip beside it. */
export default async function JobLayout({ children, params }: Params & { children: React.ReactNode }) {
  const job = await openJob((await params).job).catch(onlyUnreadable)
  if (job instanceof UnreadableJobError)
    return (
      <main className="p-8">
        <h1 className="station-title text-2xl">{job.title}</h1>
        <UnreadableNote job={{ slug: job.slug, reason: job.reason }} />
      </main>
    )
  return (
    <BenchProvider key={`${job.id} ${job.openRun}`} job={await openBench(job.slug)}>
      <section aria-label="Job" className="screen-only flex flex-wrap items-baseline gap-x-4 px-4 pt-2">
        <p className="station-title text-lg">{job.title}</p>
        <p className="text-sm text-muted">
          {job.artist}, edition of {job.editionSize}
        </p>
        <Link
          href={`/jobs/${job.slug}/runs`}
          className="inline-flex min-h-11 items-center text-sm underline underline-offset-4"
        >
          {job.runs.length === 1
            ? 'Runs'
            : `Run ${job.runs.indexOf(runOnBench(job)) + 1} of ${job.runs.length}: ${runOnBench(job).name}`}
        </Link>
      </section>
      <StationLine />
      <ConflictNotice />
      <div className="grid flex-1 lg:grid-cols-[minmax(0,1fr)_19rem] print:block">
        <main className="min-w-0 p-3 sm:p-5 print:p-0">{children}</main>
        <Slip />
      </div>
    </BenchProvider>
  )
}
