import { runOnBench } from '@/core/edition/runs'
import { settingsAgain, workedOnce } from '@/core/record/printAgain'
import { loadKnownBeside } from '@/data/shop/knownBeside'
import { AgainRoom } from '@/stations/record/AgainRoom'
import { openJob } from '../../openJob'
import { onlyFor } from '@/stations/across/device/onlyFor'

export const metadata = { title: 'Print it again' }

async function AgainPage({ params }: { params: Promise<{ job: string }> }) {
  const job = await openJob((await params).job)
  const runs = job.runs.flatMap(({ position, name }) => {
    const again = settingsAgain(job, position)
    return again ? [{ position, name, ...again }] : []
  })
  return (
    <AgainRoom
      runs={runs}
      known={workedOnce(job)}
      isStruck={job.pulls.some(({ kind }) => kind === 'cancellation')}
      beside={await loadKnownBeside(job.id, runOnBench(job).bench)}
    />
  )
}

export default onlyFor('shop', AgainPage)
