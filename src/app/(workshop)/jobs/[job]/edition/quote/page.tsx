import { recipeGrams } from '@/core/ink/mix'
import { pullsOnBench, RUN_KINDS, runOnBench } from '@/core/edition/runs'
import { batPulls } from '@/core/record/batOnBench'
import { cycleOf } from '@/core/record/workAhead'
import { editionProgress } from '@/core/edition/editionProgress'
import { plateHistory } from '@/core/edition/plateHistory'
import { gramsOfAPull } from '@/core/record/jobNeed'
import { loadInkWeighings } from '@/data/ink/calibrations'
import { loadFacings } from '@/data/plate/plateWatch'
import { loadStore } from '@/data/shop/store'
import { QuoteRoom } from '@/stations/edition/QuoteRoom'
import { listJobs } from '@/data/shop/jobs'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Quote' }

async function QuotePage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const [{ papers, inks }, weighings, facings, jobs] = await Promise.all([
    loadStore(),
    loadInkWeighings(job.id),
    loadFacings(job.id),
    listJobs(),
  ])
  const { bench } = runOnBench(job)
  const pulls = pullsOnBench(job)
  const edition = pulls.filter(({ kind }) => kind === 'edition')
  const others = jobs.filter(({ id }) => id !== job.id)
  const own = editionProgress(job.editionSize, edition)
  // Each ink by what a pull uses up of it.
  const used = (bench.ink?.mixes ?? []).flatMap((mix) =>
    recipeGrams({ parts: mix.parts, batchGrams: mix.gramsPerPull }).flatMap(({ grams }, i) => {
      const price = inks.find(({ id }) => id === mix.parts[i].inkId)?.pricePerKg
      return price ? [{ price, grams }] : []
    }),
  )
  const priced = used.reduce((sum, one) => sum + one.grams, 0)
  return (
    <QuoteRoom
      editionSize={job.editionSize}
      pullsMade={runOnBench(job).earlierPulls + pulls.length}
      plateHistory={plateHistory(pulls, batPulls(job), facings, runOnBench(job).earlierPulls)}
      history={
        own.accepted + own.rejected > 0
          ? { accepted: own.accepted, rejected: own.rejected }
          : {
              accepted: others.reduce((sum, one) => sum + one.accepted, 0),
              rejected: others.reduce((sum, one) => sum + one.rejected, 0),
            }
      }
      runs={{ all: job.runs.length, press: job.runs.filter(({ kind }) => RUN_KINDS[kind].press).length }}
      gramsPerPull={gramsOfAPull(bench, weighings)}
      minutesPerPull={cycleOf(pulls)?.cycleMinutes ?? null}
      pricePerSheet={papers.find(({ id }) => id === bench.paper?.paperId)?.pricePerSheet ?? null}
      pricePerKg={
        priced > 0 ? used.reduce((sum, { price, grams }) => sum + (price * grams) / priced, 0) : null
      }
    />
  )
}

export default onlyFor('shop', QuotePage)
