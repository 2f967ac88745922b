import type { NextRequest } from 'next/server'
import { learnGrowth, sheetOnTheBed } from '@/core/paper/growth'
import { layMargins, marginsInput } from '@/core/register/margins'
import { drawRegistrationSheet } from '@/core/register/registrationSheet'
import { loadGrowthMarks } from '@/data/growths'
import { openJob } from '../../openJob'

/** The registration sheet of a job's bench at 1:1; `?view=beneath` mirrors it, `&sheet=damp` lays the sheet grown as its marks say. */
export async function GET(request: NextRequest, { params }: { params: Promise<{ job: string }> }): Promise<Response> {
  const job = await openJob((await params).job)
  const { plate, paper, register } = job.runs[0].bench
  if (!plate || !paper || !register) return new Response('Set plate, paper and register first.', { status: 409 })
  const growth = learnGrowth((await loadGrowthMarks()).filter(({ paperId }) => paperId === paper.paperId))
  const sizes = { paper: sheetOnTheBed(paper, request.nextUrl.searchParams.get('sheet') === 'damp' ? 'damp' : 'dry', growth), plate: { widthMm: plate.widthMm, heightMm: plate.heightMm } }
  const input = marginsInput.safeParse({ ...sizes, scheme: register.scheme, bottomToTop: register.bottomToTop })
  if (!input.success) return new Response(input.error.issues[0].message, { status: 409 })
  const svg = drawRegistrationSheet({ ...sizes, margins: layMargins(input.data), mirrored: request.nextUrl.searchParams.get('view') === 'beneath', title: job.title })
  return new Response(svg, { headers: { 'content-type': 'image/svg+xml; charset=utf-8' } })
}
