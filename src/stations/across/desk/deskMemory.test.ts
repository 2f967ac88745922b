import { describe, expect, it } from 'vitest'
import { sampleSettings } from '@/core/prove/sampleSettings.test.fixture'
import { FRESH_DESK, readBeside, readFirstDesk, waitingOf, type Waiting } from './deskMemory'

/** A pull as an earlier release wrote it on the device: its settings are of the first version. */
const waiting = {
  kind: 'pull',
  id: 'desk-1',
  pullKind: 'edition',
  settings: { ...sampleSettings, version: 1, lamp: 'north' },
  events: [{ kind: 'eye', reading: 'same' }],
}

describe('what a desk holds beside its queue', () => {
  it('of another shape begins anew', () => {
    const { queue: _, ...fresh } = FRESH_DESK
    expect(readBeside({ ...fresh, warmEnded: '2031-05-02' }).warmEnded).toBe('2031-05-02')
    expect(readBeside({ ...fresh, lamp: 'north' })).toEqual(fresh)
    expect(readBeside(undefined)).toEqual(fresh)
  })
})

describe('what is said of the queue', () => {
  it('is how many entries go by themselves, and how many somebody has to put right', () => {
    const one = (refused: string | null) => ({ version: 1, entry: waiting, refused }) as unknown as Waiting
    expect(waitingOf([one(null), one('No such sheet.'), one(null)])).toEqual({ toSend: 2, refused: 1 })
    expect(waitingOf([])).toEqual({ toSend: 0, refused: 0 })
  })
})

describe('what the first desks left on the device', () => {
  it('is taken over: who works there, and every entry that waits, word for word and of the first version', () => {
    const hands = { inked: 'Ida Quill', wiped: '', laid: 'Tam Brocket' }
    const left = readFirstDesk(
      JSON.stringify({ queue: [waiting, { note: 'no pull' }], hands, role: 'inky', lamp: 'north' }),
    )
    expect(left).toEqual({
      ...FRESH_DESK,
      hands,
      role: 'inky',
      queue: [{ version: 1, entry: waiting, refused: null }],
    })
  })
  it('is nothing where there is nothing that can be read', () => {
    expect([null, '', 'half a fi', 'null'].map(readFirstDesk)).toEqual([null, null, null, null])
  })
})
