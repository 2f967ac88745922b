import { describe, expect, it } from 'vitest'
import { ascii, Tiff } from './tiff'

describe('numbers of a TIFF structure', () => {
  it('are read in the order of bytes its head names, and nothing is read beyond its end', () => {
    const big = new Tiff(Uint8Array.of(0x4d, 0x4d, 0, 42, 0, 0, 0, 8))
    const little = new Tiff(Uint8Array.of(0x49, 0x49, 42, 0, 8, 0, 0, 0))
    for (const tiff of [big, little]) {
      expect(tiff.isTiff()).toBe(true)
      expect([tiff.long(4), tiff.long(6), tiff.short(7)]).toEqual([8, 0, 0])
    }
    expect(new Tiff(Uint8Array.of(0x4d, 0x4d, 42, 0, 0, 0, 0, 8)).isTiff()).toBe(false)
  })
  it('stand beside letters', () => expect(ascii(Uint8Array.of(65, 66, 67, 68), 1, 2)).toBe('BC'))
})
