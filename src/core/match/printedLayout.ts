import type { Settings } from '../prove/settings'
import { layOut } from '../register/layOut'
import type { PrintedZone } from './checks/colourCheck'

interface PrintedLayout {
  sheet: { widthMm: number; heightMm: number }
  plate: { leftMm: number; topMm: number; widthMm: number; heightMm: number }
  zones: PrintedZone[]
}

/**
 * The sheet and where its plate mark is wanted, as the print's face shows them, with the plate's zones: a print is the mirror of its
 * plate, so their outlines are turned left for right.
 */
export function printedLayout(
  settings: Pick<Settings, 'plate' | 'paper' | 'register'> | null,
  zones: readonly PrintedZone[],
): PrintedLayout {
  if (!settings)
    return {
      sheet: { widthMm: 0, heightMm: 0 },
      plate: { leftMm: 0, topMm: 0, widthMm: 0, heightMm: 0 },
      zones: [],
    }
  const { plate, paper, register } = settings
  const sheet = { widthMm: paper.sheetWidthMm, heightMm: paper.sheetHeightMm }
  const laid = layOut(register, sheet, plate)
  const { leftMm, topMm } = laid.ok
    ? laid.margins
    : { leftMm: (sheet.widthMm - plate.widthMm) / 2, topMm: (sheet.heightMm - plate.heightMm) / 2 }
  return {
    sheet,
    plate: { leftMm, topMm, widthMm: plate.widthMm, heightMm: plate.heightMm },
    zones: zones.map(({ name, outline }) => ({
      name,
      outline: outline.map(([x, y]): [number, number] => [plate.widthMm - x, y]),
    })),
  }
}
