import { viewerZone } from '../../../../viewerZone'
import { makersByPull } from '@/core/edition/roster'
import { loadRoster } from '@/data/across/rosters'
import { documentRecord } from '@/stations/record/documentRecord'
import { renderLabelsPdf } from '@/stations/record/labelsPdf'
import { openJob } from '../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** Labels of the numbered impressions, to be cut apart. */
async function give(_: Request, { params }: { params: Promise<{ job: string }> }): Promise<Response> {
  const job = await openJob((await params).job)
  if (job.prints.length === 0) return new Response('No impression has a number yet.', { status: 404 })
  const makers = makersByPull(await loadRoster(job.id), job.pulls)
  return new Response(
    new Uint8Array(
      await renderLabelsPdf(
        documentRecord(job, await viewerZone()),
        job.prints.map(({ mark, pullId }) => ({
          mark,
          maker: makers[pullId] ?? null,
          year: (job.pulls.find(({ id }) => id === pullId)?.pulledAt ?? '').slice(0, 4),
        })),
      ),
    ),
    { headers: { 'content-type': 'application/pdf' } },
  )
}

export const GET = routeFor('shop', give)
