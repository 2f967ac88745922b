import { describe, expect, it } from 'vitest'
import { NO_FAULTS } from '@/devices/printFaults'
import { scanPrint, USUAL_SCAN } from '@/devices/scanner'
import { strokePlate } from '@/devices/strokePlate'
import type { PrintConditions } from '@/devices/printConditions'
import { MATCH_CHECK_KEYS } from './checks/matchCheck'
import { type MapLayer } from './checkPictures'
import { PICTURE_OF } from './pictureOfCheck'
import { matchImpression } from './matchImpression'

const COLOURS = Uint8Array.from(
  Array.from({ length: 97 }, (_, i) => {
    const value = 24 + 217 * Math.exp(-i / 11)
    return [value, value, value]
  }).flat(),
)
const PRINT: PrintConditions = {
  sheet: { widthMm: 150, heightMm: 125 },
  plate: { leftMm: 30, topMm: 30, widthMm: 90, heightMm: 60 },
  squeeze: { left: 1, right: 1 },
  damp: 1,
  stiffness: 1,
  wiping: 1,
  lineMicrometres: 24,
  surfaceMicrometres: 0.8,
  colours: COLOURS,
}
const relief = strokePlate(11)
const STARVED = { xMm: 112, yMm: 84, radiusMm: 9, left: 0.2 }
const scan = (faults: Partial<typeof NO_FAULTS>, seed: number) => ({
  picture: scanPrint(relief, PRINT, { ...NO_FAULTS, ...faults }, { ...USUAL_SCAN, dpi: 120 }, seed),
  corners: null,
})
const input = { sheet: PRINT.sheet, plate: PRINT.plate, zones: [] }
const found = matchImpression({
  ...input,
  reference: scan({}, 5),
  impression: scan({ starved: [STARVED], edgeMicrometres: 3 }, 6),
})
if ('which' in found) throw new Error(found.reason.code)

/** Mean of a map over a square of the sheet. */
function meanAt(
  { width, height, leftMm, topMm, mmPerPixel, data }: MapLayer,
  [xMm, yMm]: readonly [number, number],
  halfMm = 2,
): number {
  const values: number[] = []
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      if (
        Math.abs(leftMm + (x + 0.5) * mmPerPixel - xMm) < halfMm &&
        Math.abs(topMm + (y + 0.5) * mmPerPixel - yMm) < halfMm &&
        !Number.isNaN(data[y * width + x])
      )
        values.push(data[y * width + x])
  return values.reduce((sum, value) => sum + value, 0) / values.length
}

describe('the pictures checks are seen in', () => {
  const layers = found.layers()
  const starved = [STARVED.xMm, STARVED.yMm] as const
  const sound = [60, 50] as const
  it('there is one for every check', () =>
    expect(Object.keys(PICTURE_OF).toSorted()).toEqual([...MATCH_CHECK_KEYS].toSorted()))
  it('show less ink where a corner starved, and as much elsewhere', () => {
    expect(meanAt(layers.ink, starved)).toBeLessThan(-4)
    expect(Math.abs(meanAt(layers.ink, sound))).toBeLessThan(2)
    expect(meanAt(layers.colour, starved)).toBeGreaterThan(3 * meanAt(layers.colour, sound))
    expect(meanAt(layers.drawing, starved)).toBeGreaterThan(meanAt(layers.drawing, sound) + 0.05)
  })
  it('show more film along a dirty edge than within', () =>
    expect(meanAt(layers.film, [31, 60], 1)).toBeGreaterThan(meanAt(layers.film, sound) + 2))
  it('lie over the plate, wherever on the sheet it is', () => {
    for (const { width, height, leftMm, topMm, mmPerPixel } of [layers.ink, layers.film]) {
      expect([leftMm, topMm]).toEqual([expect.closeTo(30, 0), expect.closeTo(30, 0)])
      expect(
        [width * mmPerPixel, height * mmPerPixel].map((mm, i) => Math.abs(mm - [90, 60][i]) < 1.5),
      ).toEqual([true, true])
    }
    expect(layers.colour.leftMm).toBeLessThan(layers.drawing.leftMm)
  })
  it('and the places of edges and starved corners lie where they were made', () => {
    const places = found.checks.flatMap((check) => check.places)
    expect(
      places.find(({ check, what }) => check === 'edges' && what === 'dirty bevel at the left'),
    ).toMatchObject({ xMm: expect.closeTo(30, 0), heightMm: expect.closeTo(60, -1) })
    const corner = places.find(({ check }) => check === 'blanks')!
    expect(corner.xMm).toBeLessThan(STARVED.xMm)
    expect(corner.xMm + corner.widthMm).toBeGreaterThan(STARVED.xMm)
  })
})

describe('a plate mark set by hand', () => {
  it('is judged by, and left alone by the tool', () => {
    const held = matchImpression({
      ...input,
      reference: { ...scan({}, 5), plateAt: { leftMm: 33, topMm: 30 } },
      impression: scan({}, 6),
    })
    expect(held).toMatchObject({ plate: { leftMm: expect.closeTo(33, 0), topMm: expect.closeTo(30, 0) } })
  })
})

describe('a wet print held against a dry one', () => {
  it('is darker before what drying does is reckoned in, and as dark after', () => {
    const dark: PrintConditions = {
      ...PRINT,
      colours: COLOURS.map((value) => Math.round(241 * (value / 241) ** 1.12)),
    }
    const wet = { picture: scanPrint(relief, dark, NO_FAULTS, { ...USUAL_SCAN, dpi: 120 }, 6), corners: null }
    // Densities of the wet print are 1.12 times the dry one's: what a densitometer read of both.
    const dries = [0.3, 0.7, 1.2].map((density) => ({ wet: 1.12 * density, change: -0.12 * density }))
    const mean = (side: { dries?: typeof dries }) => {
      const held = matchImpression({ ...input, reference: scan({}, 5), impression: { ...wet, ...side } })
      return 'which' in held ? NaN : held.colour.mean
    }
    const [before, after] = [mean({}), mean({ dries })]
    expect(after).toBeLessThan(0.7 * before)
  })
})
