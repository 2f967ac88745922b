import { mean } from '../../stats/mean'
import { contains, type Outline } from '../../geometry/polygon'
import { formatNumber } from '../../units/length'
import { quantiles } from '../differences'
import type { JudgedPlate } from '../judgedPlate'
import type { CheckResult } from './matchCheck'

/** A zone of the plate as the print shows it: mm from the plate mark's top left corner. */
export interface PrintedZone {
  name: string
  outline: Outline
}

/** Colour over the plate, and by zone. */
export interface ColourFigures {
  mean: number
  p95: number
  zones: { name: string; mean: number }[]
}

/** Zones are looked at at every so many-th pixel. */
const EVERY = 3

/** ΔE00 over the plate: its mean, the value 19 of 20 pixels lie below, and the mean of every zone. */
export function colourFigures(
  { width, height, plate, deltaE, pixelsPerMm }: JudgedPlate,
  zones: readonly PrintedZone[],
): ColourFigures {
  const inside: number[] = []
  const sums = zones.map(() => ({ sum: 0, count: 0 }))
  const [left, top] = [Math.round(plate.left), Math.round(plate.top)]
  // A plate that bleeds lies beyond its sheet.
  const lastRow = Math.min(plate.height, height - top)
  const lastColumn = Math.min(plate.width, width - left)
  for (let y = Math.max(0, -top); y < lastRow; y++) {
    for (let x = Math.max(0, -left); x < lastColumn; x++) {
      const value = deltaE[(top + y) * width + left + x]
      if (value < 0) continue
      inside.push(value)
      if (x % EVERY || y % EVERY) continue
      zones.forEach(({ outline }, i) => {
        if (!contains(outline, [x / pixelsPerMm, y / pixelsPerMm])) return
        sums[i].sum += value
        sums[i].count += 1
      })
    }
  }
  const [p95] = quantiles(Float32Array.from(inside), [0.95])
  return {
    mean: inside.length === 0 ? 0 : mean(inside),
    p95,
    zones: zones.flatMap(({ name }, i) =>
      sums[i].count === 0 ? [] : [{ name, mean: sums[i].sum / sums[i].count }],
    ),
  }
}

/** The colour of the plate against the reference: the worst zone decides, where there are zones, since a mean hides it. */
export function checkColour({ mean, p95, zones }: ColourFigures): CheckResult {
  const worst =
    zones.length === 0 ? null : zones.reduce((most, zone) => (zone.mean > most.mean ? zone : most))
  return {
    check: 'colour',
    value: worst ? Math.max(mean, worst.mean) : mean,
    words: `ΔE00 ${formatNumber(mean, 1)} in the mean, 19 of 20 places below ${formatNumber(p95, 1)}${worst ? `; most in the zone ${worst.name}, ${formatNumber(worst.mean, 1)}` : ''}.`,
    places: [],
  }
}
