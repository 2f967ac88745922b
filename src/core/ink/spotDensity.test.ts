import { describe, expect, it } from 'vitest'
import { RAG_WHITE } from '../paper/ragWhite'
import { paperDensity, spotDensity } from './spotDensity'

const black = { name: 'x', k: new Array<number>(36).fill(0.17), s: new Array<number>(36).fill(0.006) }
const at = (spot: 'tone1' | 'tone2' | 'tone3', tone: 'bright' | 'light' | 'medium' | 'heavy' = 'light') =>
  spotDensity(spot, tone, [black], [1], RAG_WHITE)

describe('what a spot should read', () => {
  it('dark is darker than middle, and that than bright', () => {
    expect(at('tone1')).toBeGreaterThan(at('tone3'))
    expect(at('tone3')).toBeGreaterThan(at('tone2'))
    expect(at('tone2')).toBeGreaterThan(paperDensity(RAG_WHITE))
  })
  it('a bright spot rises with the film that is left; a line does not care', () => {
    const tones = (['bright', 'light', 'medium', 'heavy'] as const).map((tone) => at('tone2', tone))
    expect([...tones].sort((a, b) => a - b)).toEqual(tones)
    expect(at('tone1', 'bright')).toBe(at('tone1', 'heavy'))
  })
})
