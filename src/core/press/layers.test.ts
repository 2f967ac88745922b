import { describe, expect, it } from 'vitest'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { acrossOf, gapMm, pressedGap, stackOf } from './pressSetting'
import { compressionAt, layersCanGive, pressureAt, stackCompression, type Layer } from './pressStack'

const { press, plate, paper } = sampleSettings
const spring = (thicknessMm: number, modulusMPa: number): Layer => ({
  name: 'Spring',
  thicknessMm,
  modulusMPa,
  densificationStrain: null,
})

describe('layers under a press', () => {
  it('give at most what each densifies at; without end where one never does', () => {
    expect(layersCanGive([{ ...spring(2, 1), densificationStrain: 0.5 }])).toBe(1)
    expect(layersCanGive([{ ...spring(2, 1), densificationStrain: 0.5 }, spring(1, 1)])).toBe(Infinity)
  })
  it('are compressed by what the gap is too small for', () => {
    expect(
      stackCompression({ layers: [spring(2, 1), spring(1, 1)], plateThicknessMm: 1.2, gapMm: 4 }),
    ).toBeCloseTo(0.2, 12)
  })
  it('are springs in series: Hooke’s law for one, the reciprocal sum for two', () => {
    expect(pressureAt([spring(2, 3)], 0.1)).toBeCloseTo((3 * 0.1) / 2, 12)
    expect(pressureAt([spring(2, 3), spring(1, 1)], 0.1)).toBeCloseTo(0.1 / (2 / 3 + 1), 12)
    expect(pressureAt([spring(2, 3)], 0)).toBe(0)
    expect(pressureAt([spring(2, 3)], -1)).toBe(0)
  })
  it('have the pressure that compresses them so', () => {
    for (const d of [0.01, 0.5, 2, 3.5])
      expect(compressionAt(press.pack, pressureAt(press.pack, d))).toBeCloseTo(d, 9)
  })
})

describe('what lies under the roller of a bench', () => {
  it('is the sheet, then the blankets, over plate and make-ready', () => {
    const { layers, plateThicknessMm } = stackOf({ ...press, makeReadyMm: 0.3 }, 1.2, 0.55)
    expect(layers.map(({ name }) => name)).toEqual(['Sheet', 'Catcher', 'Cushion', 'Pusher'])
    expect(layers[0].thicknessMm).toBe(0.55)
    expect(plateThicknessMm).toBeCloseTo(1.5, 12)
  })
  it('is as wide as plate and sheet', () => {
    expect(acrossOf(plate, paper)).toEqual({ plateMm: 180, sheetMm: 300 })
  })
  it('is pressed through the gap that is set, or through a wider one where the frame gives way', () => {
    expect(pressedGap(press, 3, plate, paper)).toBe(gapMm(press, 3))
    const soft = pressedGap({ ...press, frameNPerMm: 8000 }, 3, plate, paper)
    expect(soft).toBeGreaterThan(6)
    expect(pressedGap({ ...press, frameNPerMm: 80_000 }, 3, plate, paper)).toBeLessThan(soft!)
  })
})
