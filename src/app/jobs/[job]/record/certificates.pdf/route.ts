import type { NextRequest } from 'next/server'
import { documentRecord } from '@/stations/record/documentRecord'
import { renderCertificatesPdf } from '@/stations/record/certificatesPdf'
import { openJob } from '../../openJob'

/** Certificates of the numbered impressions, one page each; `?mark=3/12` for one. */
export async function GET(request: NextRequest, { params }: { params: Promise<{ job: string }> }): Promise<Response> {
  const documentation = documentRecord(await openJob((await params).job))
  const marks = request.nextUrl.searchParams.getAll('mark')
  if (!documentation.impressions.some(({ mark }) => mark && (marks.length === 0 || marks.includes(mark)))) return new Response('No impression of this number.', { status: 404 })
  return new Response(new Uint8Array(await renderCertificatesPdf(documentation, marks)), { headers: { 'content-type': 'application/pdf' } })
}
