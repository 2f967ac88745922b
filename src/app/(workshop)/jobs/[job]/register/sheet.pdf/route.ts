import type { NextRequest } from 'next/server'
import { PAGES, tileSheet, type PageSize } from '@/core/sheet/tileSheet'
import { readWish } from '@/stations/register/readWish'
import { renderSheetPdf } from '@/stations/across/sheet/sheetPdf'
import { openJob } from '../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** The registration sheet at 1:1 as PDF, as its query wishes: whole, or with `&pages=a4` (a3, letter) cut into pages that are joined. */
async function give(
  request: NextRequest,
  { params }: { params: Promise<{ job: string }> },
): Promise<Response> {
  const query = request.nextUrl.searchParams
  const found = await readWish(query, await openJob((await params).job))
  if ('reason' in found) return new Response(found.reason, { status: 409 })
  const pages = query.get('pages') ?? ''
  const drawings =
    pages in PAGES
      ? tileSheet(found.drawing, pages as PageSize).map(({ drawing }) => drawing)
      : [found.drawing]
  return new Response(new Uint8Array(await renderSheetPdf(...drawings)), {
    headers: { 'content-type': 'application/pdf' },
  })
}

export const GET = routeFor('shop', give)
