import sharp from 'sharp'
import type { Settings } from '@/core/prove/settings'
import { encodePixels } from '@/data/across/pixels'
import { loadStore } from '@/data/shop/store'
import { reliefOf, type PlateRelief } from '@/devices/plateRelief'
import { printConditions } from '@/devices/printConditions'
import { NO_FAULTS, type PrintFaults } from '@/devices/printFaults'
import { scanPrint, USUAL_SCAN } from '@/devices/scanner'
import { drawPlate, type Motif } from './plateDrawing'

/** Fine enough to show every line, coarse enough that the sample is laid out at once. */
const DPI = 100

async function plateRelief(motif: Motif): Promise<PlateRelief> {
  const { data, info } = await sharp(await drawPlate(motif, '#b9bbbd'))
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true })
  return reliefOf({ width: info.width, height: info.height, data })
}

/**
 * The scan of an invented print as JPEG: the plate we drew, printed and scanned by our own model. The seed says how it lies on the glass;
 * a print is as dark as its settings are beside those it is held to.
 */
export async function printScan(
  motif: Motif,
  settings: Settings,
  faults: Partial<PrintFaults>,
  seed: number,
  held: Settings = settings,
): Promise<Buffer> {
  const { inks, papers } = await loadStore()
  const paper = papers.find(({ id }) => id === settings.paper.paperId)!
  return encodePixels(
    scanPrint(
      await plateRelief(motif),
      printConditions(settings, held, inks, paper.reflectance),
      { ...NO_FAULTS, ...faults },
      { ...USUAL_SCAN, dpi: DPI, skewDegrees: ((seed % 17) - 8) / 10 },
      seed,
    ),
  )
}
