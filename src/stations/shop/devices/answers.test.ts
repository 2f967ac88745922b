import { describe, expect, it } from 'vitest'
import { devicesAnswer } from './answers'
import { readShared } from './readShared'

const device = {
  id: 'a',
  name: 'Tablet',
  role: 'desk' as const,
  pairedAt: 0,
  until: 1,
  seenAt: null,
  waits: null,
}
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
