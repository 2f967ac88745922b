import { describe, expect, it } from 'vitest'
import type { PlateKind } from './plate'
import { plateLife, standsHereWords } from './plateLife'
import { standsByKind, standsHere, type PlateHere } from './standsHere'

const usual = { usualLow: 10, usualHigh: 50 }
const worn = (...pulls: number[]): PlateHere[] => pulls.map((one) => ({ pulls: one, isWorn: true }))
const going = (...pulls: number[]): PlateHere[] => pulls.map((one) => ({ pulls: one, isWorn: false }))
const weightAt = (i: number, steps: number): number => {
  if (i === 0 || i === steps) return 1
  return i % 2 === 0 ? 2 : 4
}
/** Normal law below a deviate, by Simpson's rule: another way than the one that is tested. */
function below(x: number): number {
  const steps = 160
  const from = -9
  const h = (x - from) / steps
  let sum = 0
  for (let i = 0; i <= steps; i++) {
    const at = from + i * h
    sum += weightAt(i, steps) * Math.exp((-at * at) / 2)
  }
  return (sum * h) / 3 / Math.sqrt(2 * Math.PI)
}

describe('how many pulls plates of a kind stand here', () => {
  it('is what is usual where no plate was worn and none goes on', () => {
    const told = standsHere({ ...usual, plates: [] })
    expect(told.low).toBeCloseTo(10, 6)
    expect(told.high).toBeCloseTo(50, 6)
  })
  it('hardly moves for plates that made a pull or two and still print', () => {
    const told = standsHere({ ...usual, plates: going(1, 1, 2, 1) })
    expect(told.low).toBeGreaterThan(9.8)
    expect(told.high).toBeLessThan(51)
  })
  it('goes to the plates of the shop as they become many', () => {
    const told = standsHere({ ...usual, plates: worn(...new Array<number>(200).fill(12)) })
    expect(told.low).toBeGreaterThan(8)
    expect(told.low).toBeLessThan(12)
    expect(told.high).toBeGreaterThan(12)
    expect(told.high).toBeLessThan(16)
    expect(told).toMatchObject({ worn: 200, going: 0 })
  })
  it('never falls because a plate goes on printing', () => {
    for (const pulls of [5, 20, 40, 90, 400]) {
      const before = standsHere({ ...usual, plates: worn(14, 22) })
      const after = standsHere({ ...usual, plates: [...worn(14, 22), ...going(pulls)] })
      expect(Math.sqrt(after.low * after.high)).toBeGreaterThan(Math.sqrt(before.low * before.high) - 1e-9)
    }
  })
  it('is the likeliest law, looked for on a grid of middles and spreads', () => {
    const plates = [...worn(9, 15, 31), ...going(28, 60)]
    const told = standsHere({ ...usual, plates })
    const [m0, s0] = [Math.log(500) / 2, Math.log(5) / 2 / 1.645]
    let best = { score: -Infinity, mean: 0, sd: 0 }
    for (let mean = 2.6; mean < 4; mean += 0.02)
      for (let sd = 0.3; sd < 1; sd += 0.02) {
        // What is usual counts as two plates whose mean and variance are its own.
        let score = 2 * (-Math.log(sd) - (s0 ** 2 + (mean - m0) ** 2) / (2 * sd * sd))
        for (const { pulls, isWorn } of plates) {
          const z = (Math.log(pulls) - mean) / sd
          score += isWorn ? -Math.log(sd) - (z * z) / 2 : Math.log(1 - below(z))
        }
        if (score > best.score) best = { score, mean, sd }
      }
    expect(Math.abs(Math.log(told.low * told.high) / 2 - best.mean)).toBeLessThan(0.02)
    expect(Math.abs(Math.log(told.high / told.low) / 2 / 1.645 - best.sd)).toBeLessThan(0.02)
  })
  it('does not break on a plate that outlives its kind a thousandfold', () => {
    const told = standsHere({ ...usual, plates: going(50_000) })
    expect(told.high).toBeGreaterThan(50)
    expect(Number.isFinite(told.low)).toBe(true)
  })
  it('tells kind by kind of other jobs’ plates, and only where they say something', () => {
    const of = (jobId: string, kind: PlateKind, pulls: number, isWorn: boolean) => ({
      jobId,
      kind,
      pulls,
      isWorn,
    })
    const plates = [
      of('a', 'carton-laminate', 16, true),
      of('b', 'carton-laminate', 4, false),
      of('b', 'mezzotint', 12, false),
      of('c', 'slab', 900, false),
    ]
    const told = standsByKind(plates, 'd')
    expect(Object.keys(told)).toEqual(['carton-laminate'])
    expect(standsHereWords(told['carton-laminate']!)).toMatch(
      /^\d+ to \d+, by 1 worn out here and 1 still printing$/,
    )
    expect(standsByKind(plates, 'a')).toEqual({})
    const life = plateLife({ kind: 'carton-laminate' }, 3, { here: told['carton-laminate'] })
    expect(life.by).toBe('here')
    expect(life.leftAtMost).toBeGreaterThan(plateLife({ kind: 'carton-laminate' }, 3).leftAtMost)
    // What the maker says of this plate, and a facing, go before.
    expect(
      plateLife({ kind: 'carton-laminate', standsAbout: 10 }, 3, { here: told['carton-laminate'] }).by,
    ).toBe('maker')
  })
  it('refuses what cannot be', () => {
    expect(() => standsHere({ usualLow: 9, usualHigh: 5, plates: [] })).toThrow('usualLow')
    expect(() => standsHere({ ...usual, plates: [{ pulls: 0, isWorn: true }] })).toThrow()
  })
})
