import { runOnBench } from '@/core/edition/runs'
import type { JobRecord } from '@/data/record/jobRecord'
import { loadGrowthMarks } from '@/data/paper/growths'
import { loadStore } from '@/data/shop/store'
import { registrationOf } from './registrationOf'

/** The registration sheet an address asks for: `?view=beneath` mirrors it, `&sheet=damp` grows the paper, `&other=id` draws a second one. */
export async function readWish(
  query: URLSearchParams,
  job: Pick<JobRecord, 'runs' | 'openRun' | 'title'>,
): Promise<ReturnType<typeof registrationOf>> {
  const [marks, { papers }] = await Promise.all([loadGrowthMarks(), loadStore()])
  return registrationOf(
    runOnBench(job).bench,
    job.title,
    {
      sheet: query.get('sheet') === 'damp' ? 'damp' : 'dry',
      mirrored: query.get('view') === 'beneath',
      otherId: query.get('other'),
    },
    marks,
    papers,
  )
}
