import { lastUsed, waitingToDry } from '@/core/edition/dryBetween'
import { isPrint } from '@/core/edition/readPull'
import { sheetLines } from '@/core/edition/runs'
import { listGivingJobs, loadOfferedPrints } from '@/data/across/givenSheets'
import { AboutJob } from '@/stations/across/runs/AboutJob'
import { RunsRoom } from '@/stations/across/runs/RunsRoom'
import { openJob } from '../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Runs' }

async function RunsPage({
  params,
  searchParams,
}: {
  params: Promise<{ job: string }>
  searchParams: Promise<{ from?: string }>
}) {
  const job = await openJob((await params).job)
  const { runs, pulls, sheetMarks, givenSheets } = job
  const lines = sheetLines(job)
  const now = new Date().toISOString()
  const beganFresh = givenSheets.length === 0 && pulls.some(isPrint)
  const giving = beganFresh ? [] : await listGivingJobs(job.id)
  const { from } = await searchParams
  const chosen = giving.find(({ slug }) => slug === from)
  const offer = chosen ? { slug: chosen.slug, ...(await loadOfferedPrints(chosen.slug)) } : null
  return (
    <>
      <RunsRoom
        runs={runs.map((run, at) => ({
          ...run,
          drying: waitingToDry(job, at, now),
          lastUsed: lastUsed(sheetMarks, run.position),
        }))}
        lines={lines}
        given={givenSheets}
        existing={beganFresh ? null : { giving, offer }}
      />
      <AboutJob place={job.putAway ?? 'shelf'} artist={job.artist} isTemplate={job.templateAt !== null} />
    </>
  )
}

export default onlyFor('shop', RunsPage)
