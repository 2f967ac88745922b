import { paperList } from '@/data/shop/materialsAsCsv'
import { loadStore } from '@/data/shop/store'
import { routeFor } from '@/stations/across/device/onlyFor'

/** The papers of the stockroom as a list for a spreadsheet. */
async function give(): Promise<Response> {
  return new Response(paperList((await loadStore()).papers), {
    headers: { 'content-type': 'text/csv; charset=utf-8' },
  })
}

export const GET = routeFor('shop', give)
