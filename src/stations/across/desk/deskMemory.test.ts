import { describe, expect, it } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { FRESH_DESK, readMemory } from './deskMemory'

/** A pull as an earlier release wrote it on the device: its settings are of the first version. */
const waiting = {
  kind: 'pull',
  id: 'desk-1',
  pullKind: 'edition',
  settings: { ...sampleSettings, version: 1, lamp: 'north' },
  events: [{ kind: 'eye', reading: 'same' }],
}

describe('what a desk holds on its device', () => {
  it('is read as it was written', () => {
    const memory = { ...FRESH_DESK, warmEnded: '2031-05-02', notes: ['Pull 3 came late.'] }
    expect(readMemory(JSON.stringify(memory))).toEqual(memory)
  })
  it('keeps the pulls that wait, whatever release wrote them, word for word', () => {
    const memory = { ...FRESH_DESK, queue: [waiting] }
    expect(readMemory(JSON.stringify(memory)).queue).toEqual([waiting])
  })
  it('of another shape begins anew, but for the pulls that wait in it', () => {
    const memory = { queue: [waiting, { note: 'no pull' }], lamp: 'north' }
    expect(readMemory(JSON.stringify(memory))).toEqual({ ...FRESH_DESK, queue: [waiting] })
  })
  it('that cannot be read at all begins anew', () => {
    expect(readMemory('half a fi')).toEqual(FRESH_DESK)
    expect(readMemory('null')).toEqual(FRESH_DESK)
  })
})
