import { describe, expect, it } from 'vitest'
import { RAG_WHITE } from '../paper/ragWhite'
import { inkLook } from './inkLook'

const flat = (k: number, s: number) => ({
  name: 'x',
  k: new Array<number>(36).fill(k),
  s: new Array<number>(36).fill(s),
})
const look = (k: number, s: number) => inkLook([flat(k, s)], [1], RAG_WHITE)

describe('how an ink looks to the order', () => {
  it('nothing at all is the paper: light, covers nothing, no strength', () => {
    const { lightness, cover, strength } = look(0, 0)
    expect(lightness).toBeGreaterThan(90)
    expect(cover).toBeLessThan(0.01)
    expect(strength).toBeCloseTo(0, 6)
  })
  it('a black is dark, covers, and shows in traces; a covering white covers without darkening', () => {
    expect(look(0.2, 0.01)).toMatchObject({ strength: expect.any(Number) as number })
    expect(look(0.2, 0.01).lightness).toBeLessThan(25)
    expect(look(0.2, 0.01).strength).toBeGreaterThan(0.3)
    // A film that only scatters, S = 0.5 over 7 µm: 3.5/4.5 inside over black, 1 over white; outside (Saunderson) 0.5604 and 0.96, by hand.
    expect(look(0, 0.5).cover).toBeCloseTo(0.5604 / 0.96, 3)
    expect(look(0, 0.5).lightness).toBeGreaterThan(85)
  })
  it('more pigment is never weaker', () => {
    const strengths = [0.001, 0.01, 0.05, 0.2].map((k) => look(k, 0.005).strength)
    expect([...strengths].sort((a, b) => a - b)).toEqual(strengths)
  })
})
