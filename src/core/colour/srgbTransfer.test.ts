import { describe, expect, it } from 'vitest'
import { decodeSrgb, encodeSrgb } from './srgbTransfer'

describe('the coding of sRGB', () => {
  it('a mid grey of 18 % is coded 118 of 255 (IEC 61966-2-1; photographers’ grey card, from memory)', () => {
    expect(Math.round(255 * encodeSrgb(0.18))).toBe(118)
    expect(decodeSrgb(0.5)).toBeCloseTo(0.21404, 5)
  })
  it('goes there and back for every byte', () => {
    for (let i = 0; i < 256; i++) expect(encodeSrgb(decodeSrgb(i / 255))).toBeCloseTo(i / 255, 6)
  })
})
