import { describe, expect, it } from 'vitest'
import { predictInk, predictInkInput } from './predictInk'

const flat = (value: number) => new Array<number>(36).fill(value)
const ink = (name: string, k: number, s = 0.02) => ({ name, k: flat(k), s: flat(s) })
const asked = {
  inks: [ink('Bone black', 0.5), ink('Chalk white', 0.001, 0.3)],
  parts: [1, 3],
  filmMicrometres: 6,
  paper: flat(0.85),
  surface: null,
}
const refusals = (patch: object) =>
  predictInkInput
    .safeParse({ ...asked, ...patch })
    .error?.issues.map(({ path, message }) => ({ path, message }))

describe('what a forecast is asked', () => {
  it('has a number an ink, and something of one of them', () => {
    expect(refusals({})).toBeUndefined()
    expect(refusals({ parts: [0, 2] })).toBeUndefined()
    expect(refusals({ parts: [1] })).toEqual([
      { path: ['parts'], message: 'expected 2 numbers, one an ink, got 1' },
    ])
    expect(refusals({ parts: [1, 2, 3] })).toHaveLength(1)
    expect(refusals({ parts: [0, 0] })).toEqual([{ path: ['parts'], message: 'must add up to more than 0' }])
    expect(refusals({ inks: [], parts: [] })?.[0].path).toEqual(['inks'])
  })
})

describe('opacity as a contrast ratio', () => {
  const ratio = (patch: object) => predictInk({ ...asked, ...patch }).contrastRatio
  it('is nought without a film, one of a film nothing shows through, and between them else', () => {
    expect(ratio({ filmMicrometres: 0 })).toBe(0)
    expect(ratio({ filmMicrometres: 1e4 })).toBeCloseTo(1, 9)
    expect(ratio({})).toBeGreaterThan(0)
    expect(ratio({})).toBeLessThan(1)
  })
  it('is one where not even white shows through', () => {
    expect(ratio({ inks: [ink('Soot', 1e3, 1e-9)], parts: [1], filmMicrometres: 1e3 })).toBe(1)
  })
})
