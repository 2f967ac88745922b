import { describe, expect, it } from 'vitest'
import { qrOf } from './qrOf'

describe('an address as a QR code', () => {
  it('has the size of its version and the three marks in its corners (ISO/IEC 18004)', () => {
    const { path, size } = qrOf('http://192.168.1.20:3444')
    // Version 2 is 25 modules wide, and four stay white around it.
    expect(size).toBe(25 + 8)
    const isDark = (x: number, y: number) => path.includes(`M${x} ${y}h1v1h-1z`)
    for (const [x, y] of [
      [4, 4],
      [22, 4],
      [4, 22],
    ])
      for (let i = 0; i < 7; i++) {
        expect([isDark(x + i, y), isDark(x, y + i)]).toEqual([true, true])
        expect(isDark(x + 1 + Math.min(i, 4), y + 1)).toBe(false)
      }
    expect(Array.from({ length: size }, (_, i) => isDark(i, 3) || isDark(3, i))).not.toContain(true)
  })
})
