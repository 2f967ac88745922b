import Papa from 'papaparse'
import { pullRows } from '@/core/record/pullRows'
import { drawingToSvg } from '@/core/sheet/sheetDrawing'
import { packJob } from '@/data/record/jobFolder'
import { readWish } from '@/stations/register/readWish'
import { openJob } from '../../openJob'
import { routeFor } from '@/stations/across/device/onlyFor'

/** A job as one zipped folder: its file, its pictures, the pulls as CSV, the registration sheet. */
async function give(_request: Request, { params }: { params: Promise<{ job: string }> }): Promise<Response> {
  const job = await openJob((await params).job)
  const found = await readWish(new URLSearchParams(), job)
  const rows = pullRows(job.pulls, new Map(job.prints.map(({ pullId, mark }) => [pullId, mark])))
  const zip = await packJob(
    job.slug,
    {
      'pulls.csv': `\ufeff${Papa.unparse(rows, { escapeFormulae: true })}`,
      ...('drawing' in found ? { 'registration.svg': drawingToSvg(found.drawing) } : {}),
    },
    new Date().toISOString(),
  )
  return new Response(new Uint8Array(zip), { headers: { 'content-type': 'application/zip' } })
}

export const GET = routeFor('shop', give)
