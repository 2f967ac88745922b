import type { NextRequest } from 'next/server'
import { drawingToSvg } from '@/core/sheet/sheetDrawing'
import { readWish } from '@/stations/register/readWish'
import { openJob } from '../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** The registration sheet of a job's bench at 1:1 as SVG, as its query wishes. */
async function give(
  request: NextRequest,
  { params }: { params: Promise<{ job: string }> },
): Promise<Response> {
  const found = await readWish(request.nextUrl.searchParams, await openJob((await params).job))
  if ('reason' in found) return new Response(found.reason, { status: 409 })
  return new Response(drawingToSvg(found.drawing), {
    headers: { 'content-type': 'image/svg+xml; charset=utf-8' },
  })
}

export const GET = routeFor('shop', give)
