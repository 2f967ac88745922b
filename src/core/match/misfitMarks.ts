import { boxOutline } from '../geometry/polygon'
import type { MisfitMark } from '../register/misfitHistory'
import type { Misplaced } from './checks/registerChecks'

/**
 * Where a scan shows the plate's corners beside where the reference has them, as misfit marks: right and up from the plate's lower left
 * corner, mm, as a person would have measured them on the print.
 */
export function misfitMarks(
  { xMm, yMm, degrees, widerPercent, tallerPercent }: Omit<Misplaced, 'bentMm' | 'isSizeKnown'>,
  plate: { widthMm: number; heightMm: number },
): MisfitMark[] {
  const { widthMm, heightMm } = plate
  const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
  return boxOutline(plate).map(([x, y]) => {
    const [dx, dy] = [
      (x - widthMm / 2) * (1 + widerPercent / 100),
      (y - heightMm / 2) * (1 + tallerPercent / 100),
    ]
    // Clockwise as seen, with y up.
    return {
      expected: { xMm: x, yMm: y },
      measured: {
        xMm: widthMm / 2 + xMm + cos * dx + sin * dy,
        yMm: heightMm / 2 - yMm + cos * dy - sin * dx,
      },
    }
  })
}
