import { loadInks } from '@/data/shop/inks'
import { inkList } from '@/data/shop/materialsAsCsv'
import { routeFor } from '@/stations/across/device/onlyFor'

/** The inks of the shelf as a list for a spreadsheet. */
async function give(): Promise<Response> {
  return new Response(inkList(await loadInks()), { headers: { 'content-type': 'text/csv; charset=utf-8' } })
}

export const GET = routeFor('shop', give)
