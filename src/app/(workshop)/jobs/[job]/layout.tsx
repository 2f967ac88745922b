import { runOnBench } from '@/core/edition/runs'
import { purposeWords } from '@/core/prove/purpose'
import { BenchProvider } from '@/stations/across/bench/BenchContext'
import { ConflictNotice } from '@/stations/across/bench/ConflictNotice'
import { Slip } from '@/stations/across/bench/Slip'
import { JobBar } from '@/stations/across/bench/JobBar'
import { UnreadableNote } from '@/stations/shop/workshop/UnreadableNote'
import { UnreadableJobError } from '@/data/database/errors'
import { onlyUnreadable, openBench, openJob } from './openJob'
import { onlyFor, titleFor } from '@/stations/across/device/onlyFor'

type Params = { params: Promise<{ job: string }> }

export const generateMetadata = titleFor('shop', async ({ params }: Params) => {
  const job = await openJob((await params).job).catch(onlyUnreadable)
  return { default: job.title, template: `%s · ${job.title}` }
})

/** A job opens as a bench: the stations along one line, the open one's instrument in the middle, the Slip beside it. */
async function JobLayout({ children, params }: Params & { children: React.ReactNode }) {
  const job = await openJob((await params).job).catch(onlyUnreadable)
  if (job instanceof UnreadableJobError)
    return (
      <main id="work" tabIndex={-1} className="p-8">
        <h1 className="station-title text-2xl">{job.title}</h1>
        <UnreadableNote job={{ slug: job.slug, reason: job.reason }} />
      </main>
    )
  return (
    <BenchProvider key={`${job.id} ${job.openRun}`} job={await openBench(job.slug)}>
      <JobBar
        about={`${job.artist}, ${purposeWords(job)}`}
        run={
          job.runs.length === 1
            ? 'Runs'
            : `Run ${job.runs.indexOf(runOnBench(job)) + 1} of ${job.runs.length}: ${runOnBench(job).name}`
        }
      />
      <ConflictNotice />
      <div className="grid flex-1 lg:grid-cols-[minmax(0,1fr)_19rem] lg:has-data-[settings=folded]:grid-cols-[minmax(0,1fr)_2.75rem] print:block">
        <main
          id="work"
          tabIndex={-1}
          data-bench
          className="outline-none group/bench min-w-0 px-3 pb-3 sm:px-4 print:p-0"
        >
          {children}
        </main>
        <Slip />
      </div>
    </BenchProvider>
  )
}

export default onlyFor('shop', JobLayout)
