import { describe, expect, it } from 'vitest'
import { devicesAnswer } from './answers'
import { qrOf, readShared } from './readShared'

const device = { id: 'a', name: 'Tablet', role: 'desk' as const, pairedAt: 0, until: 1, seenAt: null }
const quiet = { code: null, waiting: [], devices: [] }
const says = (shared: Parameters<typeof devicesAnswer>[0]) => devicesAnswer(shared).says

describe('what is said of devices', () => {
  it('is what comes next: who waits, the code, who is in, or that nobody is', () => {
    expect(says(null)).toBe('Nobody but this machine reaches the workshop')
    expect(says(quiet)).toBe('Shared, with no device yet')
    expect(says({ ...quiet, devices: [device, device] })).toBe('Shared with 2 devices')
    const code = { code: '048213', until: 1, triesLeft: 5 }
    expect(says({ ...quiet, code, devices: [device] })).toBe('Type the code on the new device')
    const waiting = [{ id: 'b', name: 'Phone', askedAt: 0 }]
    expect(says({ ...quiet, code, waiting })).toBe('“Phone” asks to be let in')
  })
  it('is nothing to read where nothing is shared', () => expect(readShared()).toBeNull())
})

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
