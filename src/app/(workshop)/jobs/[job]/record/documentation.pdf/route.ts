import { viewerZone } from '../../../../viewerZone'
import { documentRecord } from '@/stations/record/documentRecord'
import { renderDocumentationPdf } from '@/stations/record/documentationPdf'
import { openJob } from '../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** The documentation sheet of a job as PDF. */
async function give(_request: Request, { params }: { params: Promise<{ job: string }> }): Promise<Response> {
  const pdf = await renderDocumentationPdf(
    documentRecord(await openJob((await params).job), await viewerZone()),
  )
  return new Response(new Uint8Array(pdf), { headers: { 'content-type': 'application/pdf' } })
}

export const GET = routeFor('shop', give)
