import Papa from 'papaparse'
import { PLATE_KINDS } from '@/core/plate/plate'
import { gapMm, middleReading, passesWords } from '@/core/press/pressSetting'
import { loadWorkedSettings } from '@/data/press/workedSettings'
import { routeFor } from '@/stations/across/device/onlyFor'

/** Settings that printed well on a press, with all that lay under it, as CSV; cells a spreadsheet would run as a formula are escaped. */
async function give(
  _request: Request,
  { params }: { params: Promise<{ press: string }> },
): Promise<Response> {
  const { press: id } = await params
  const rows = (await loadWorkedSettings())
    .filter(({ under }) => under.press.pressId === id)
    .map(({ name, under: { press, plate, paper } }) => ({
      job: name,
      setAt: passesWords(press),
      gapMm: gapMm(press, middleReading(press)) ?? '',
      blankets: press.packName,
      layers: press.pack.map((layer) => `${layer.name} ${layer.thicknessMm} mm`).join(', '),
      makeReadyMm: press.makeReadyMm,
      passes: press.passes,
      plate: PLATE_KINDS[plate.kind].label,
      plateMm: plate.thicknessMm,
      plateWidthMm: plate.widthMm,
      paperMm: paper.caliperMm,
    }))
  return new Response(`\ufeff${Papa.unparse(rows, { escapeFormulae: true })}`, {
    headers: { 'content-type': 'text/csv; charset=utf-8' },
  })
}

export const GET = routeFor('shop', give)
