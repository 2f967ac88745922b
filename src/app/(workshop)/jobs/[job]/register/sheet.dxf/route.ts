import type { NextRequest } from 'next/server'
import { drawingToDxf } from '@/core/sheet/drawingToDxf'
import { readWish } from '@/stations/register/readWish'
import { openJob } from '../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** The registration sheet's lines as DXF for a cutter, as its query wishes. */
async function give(
  request: NextRequest,
  { params }: { params: Promise<{ job: string }> },
): Promise<Response> {
  const found = await readWish(request.nextUrl.searchParams, await openJob((await params).job))
  if ('reason' in found) return new Response(found.reason, { status: 409 })
  return new Response(drawingToDxf(found.drawing), { headers: { 'content-type': 'image/vnd.dxf' } })
}

export const GET = routeFor('shop', give)
