import { describe, expect, it } from 'vitest'
import { matchImpression, type ImpressionMatch } from '@/core/match/matchImpression'
import { FLATBED, taken } from './imaging'
import { FINE, PLATE, PLATES, SHEET } from './plates'
import { printed } from './prints'

/** A dark plate whose alignment alone does not tell which way it lies, 18 mm below the top of its sheet and 24 above its bottom. */
const { film } = PLATES.find(({ name }) => name === 'mezzotint')!
const scan = (seed: number, quarters: number, shift?: readonly [number, number]) => ({
  picture: taken(printed(film, seed, shift && { shift }), { ...FLATBED, scale: 3, quarters }, seed + 10),
  corners: null,
})
const held = (quarters: readonly [number, number], shift?: readonly [number, number]): ImpressionMatch => {
  const match = matchImpression({
    reference: scan(1, quarters[0]),
    impression: scan(2, quarters[1], shift),
    sheet: SHEET,
    plate: PLATE,
    zones: [],
  })
  if ('which' in match) throw new Error(match.reason.code)
  return match
}

describe('sheets laid otherwise on the glass', () => {
  it('a BAT across and a print upside down lie upright over one another', () => {
    const { placed, plate, reference } = held([1, 2])
    expect(Math.hypot(placed.xMm, placed.yMm)).toBeLessThan(0.15)
    expect(reference.width).toBeGreaterThan(reference.height)
    expect(plate.topMm).toBeCloseTo(PLATE.topMm, 0)
  })
  it('a plate that lies beside its place lies there however its sheet was laid', () => {
    const { placed } = held([3, 0], [0, 4 * FINE])
    expect(Math.abs(placed.yMm)).toBeCloseTo(4, 0)
    expect(Math.abs(placed.xMm)).toBeLessThan(0.15)
  })
})
