import Papa from 'papaparse'
import { pullRows } from '@/core/record/pullRows'
import { openJob } from '../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** The pulls of a job as CSV; cells that a spreadsheet would run as a formula are escaped. */
async function give(_request: Request, { params }: { params: Promise<{ job: string }> }): Promise<Response> {
  const { pulls, prints } = await openJob((await params).job)
  const rows = pullRows(pulls, new Map(prints.map(({ pullId, mark }) => [pullId, mark])))
  return new Response(`\ufeff${Papa.unparse(rows, { escapeFormulae: true })}`, {
    headers: { 'content-type': 'text/csv; charset=utf-8' },
  })
}

export const GET = routeFor('shop', give)
