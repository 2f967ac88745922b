import { describe, expect, it } from 'vitest'
import { normals, seedFrom, uniforms } from './random'

describe('a repeatable sequence', () => {
  it('is Park & Miller’s: from 1, the 10000th state is the one they print', () => {
    // Park, Miller & Stockmeyer, Communications of the ACM 36 (1993): x₁₀₀₀₀ = 399268537 for the multiplier 48271.
    const next = uniforms(1)
    let last = 0
    for (let i = 0; i < 10_000; i++) last = next()
    expect(Math.round(last * 2_147_483_647)).toBe(399_268_537)
  })
  it('of normal deviates has the moments and tails of the normal distribution', () => {
    const next = normals(3)
    const values = Array.from({ length: 40_000 }, next)
    const moment = (power: number) => values.reduce((sum, value) => sum + value ** power, 0) / values.length
    // Standard errors here: 0.005, 0.007, 0.012, 0.05.
    expect(moment(1)).toBeCloseTo(0, 1)
    expect(Math.abs(moment(2) - 1)).toBeLessThan(0.03)
    expect(Math.abs(moment(3))).toBeLessThan(0.05)
    expect(Math.abs(moment(4) - 3)).toBeLessThan(0.2)
    // Beyond 1.96 lies a twentieth (table of the normal distribution).
    expect(values.filter((value) => Math.abs(value) > 1.96).length / values.length).toBeCloseTo(0.05, 2)
  })
  it('begins from any number', () => {
    for (const value of [0, -5, 1e12, 2.7]) expect(uniforms(seedFrom(value))()).toBeGreaterThan(0)
  })
})
