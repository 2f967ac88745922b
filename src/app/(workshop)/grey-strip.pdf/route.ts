import { stripSheet } from '@/core/match/strip/stripSheet'
import { renderSheetPdf } from '@/stations/across/sheet/sheetPdf'
import { routeFor } from '@/stations/across/device/onlyFor'

/** The grey strip that is laid beside a sheet in its pictures, to print and cut out. */
async function give(): Promise<Response> {
  return new Response(new Uint8Array(await renderSheetPdf(stripSheet())), {
    headers: { 'content-type': 'application/pdf' },
  })
}

export const GET = routeFor('shop', give)
