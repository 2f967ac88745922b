import { describe, expect, it } from 'vitest'
import { sampleSettings } from '../prove/sampleSettings.test.fixture'
import { toleranceOf, USUAL_MATCH_TOLERANCES } from './checks/matchCheck'
import { printedLayout } from './printedLayout'
import { reasonWords } from './words'

describe('where a print is wanted on its sheet', () => {
  it('is where the register lays the plate, with its zones as the print shows them: left for right', () => {
    const zones = [
      {
        name: 'sky',
        outline: [
          [0, 0],
          [60, 0],
          [60, 40],
        ] as [number, number][],
      },
    ]
    const { sheet, plate, zones: printed } = printedLayout(sampleSettings, zones)
    expect(sheet).toEqual({ widthMm: 300, heightMm: 250 })
    expect(plate).toMatchObject({ widthMm: 180, heightMm: 120 })
    expect(plate.leftMm).toBeGreaterThanOrEqual(0)
    expect(plate.leftMm + 180).toBeLessThanOrEqual(300)
    expect(printed[0].outline).toEqual([
      [180, 0],
      [120, 0],
      [120, 40],
    ])
  })
  it('is nowhere while nothing is set', () => {
    expect(printedLayout(null, []).sheet).toEqual({ widthMm: 0, heightMm: 0 })
  })
})

describe('how far a check may stray', () => {
  it('is what was said, or else the usual', () => {
    expect(toleranceOf({ colour: 9 }, 'colour')).toBe(9)
    expect(toleranceOf({}, 'register')).toBe(USUAL_MATCH_TOLERANCES.register)
  })
})

describe('why a picture cannot be compared', () => {
  it('is said of that picture', () => {
    expect(reasonWords({ code: 'too-small', widthPx: 20, heightPx: 30 })).toBe(
      'has 20 × 30 pixels: too few to compare',
    )
    expect(reasonWords({ code: 'blank' })).toMatch(/blank/)
  })
})
