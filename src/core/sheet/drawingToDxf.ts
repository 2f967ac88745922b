import { DxfWriter, LWPolylineFlags, point2d, Units } from '@tarikjabiri/dxf'
import { oneLine } from '../units/oneLine'
import type { SheetDrawing } from './sheetDrawing'

/**
 * A drawing's lines as DXF for a cutter, in millimetres, y up from the sheet's lower edge; each named line on a layer of its
 * name, the rest on `marks`. Words and pictures are left out: nothing of them is to be cut.
 */
export function drawingToDxf({ heightMm, strokes }: SheetDrawing): string {
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Millimeters)
  const layers = new Set<string>()
  for (const { name: said = 'marks', points, isClosed } of strokes) {
    const name = oneLine(said)
    if (!layers.has(name)) dxf.addLayer(name, 7, 'CONTINUOUS')
    layers.add(name)
    dxf.addLWPolyline(
      points.map(([x, y]) => ({ point: point2d(x, heightMm - y) })),
      { layerName: name, flags: isClosed ? LWPolylineFlags.Closed : LWPolylineFlags.None },
    )
  }
  return dxf.stringify()
}
