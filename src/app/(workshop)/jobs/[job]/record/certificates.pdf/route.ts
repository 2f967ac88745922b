import { viewerZone } from '../../../../viewerZone'
import type { NextRequest } from 'next/server'
import { documentRecord } from '@/stations/record/documentRecord'
import { renderCertificatesPdf } from '@/stations/record/certificatesPdf'
import { openJob } from '../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** Certificates of the numbered impressions, one page each; `?mark=3/12` for one. */
async function give(
  request: NextRequest,
  { params }: { params: Promise<{ job: string }> },
): Promise<Response> {
  const job = await openJob((await params).job)
  const documentation = documentRecord(job, await viewerZone())
  // A rejected pull is in the documentation too, and gets no certificate.
  const numbered = job.prints.map(({ mark }) => mark)
  const wanted = request.nextUrl.searchParams.getAll('mark')
  const marks = wanted.length === 0 ? numbered : wanted.filter((mark) => numbered.includes(mark))
  if (marks.length === 0) return new Response('No impression of this number.', { status: 404 })
  return new Response(new Uint8Array(await renderCertificatesPdf(documentation, marks)), {
    headers: { 'content-type': 'application/pdf' },
  })
}

export const GET = routeFor('shop', give)
