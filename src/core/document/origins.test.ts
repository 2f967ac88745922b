import { describe, expect, it } from 'vitest'
import { originAt, originsAfter, originsSchema } from './origins'

const known = { 'press.passes': 'default', 'press.readingLeft': 'carried', 'paper.gsm': 'measured' } as const

describe('where a value comes from', () => {
  it('is said anew with what changed, and stays with what did not', () =>
    expect(
      originsAfter(
        known,
        'press',
        { passes: 1, readingLeft: 3 },
        { passes: 2, readingLeft: 3 },
        { passes: 'typed' },
      ),
    ).toEqual({ 'press.passes': 'typed', 'press.readingLeft': 'carried', 'paper.gsm': 'measured' }))
  it('is not known of what changed without a word', () =>
    expect(
      originsAfter(known, 'press', { passes: 1, readingLeft: 3 }, { passes: 2, readingLeft: 4 }, {}),
    ).toEqual({
      'paper.gsm': 'measured',
    }))
  it('is not known of a value that is gone', () =>
    expect(originsAfter({ 'ink.mixes.0.parts': 'typed' }, 'ink', { mixes: [1] }, {}, {})).toEqual({}))
  it('within a list stays with what did not change, and is that of the nearest whole', () => {
    const before = { mixes: [{ plateC: 37, parts: [1, 2] }] }
    const after = { mixes: [{ plateC: 40, parts: [1, 2] }] }
    const kept = originsAfter(
      { 'ink.mixes.0.plateC': 'default', 'ink.mixes.0.parts': 'measured' },
      'ink',
      before,
      after,
      { 'mixes.0.plateC': 'typed' },
    )
    expect(kept).toEqual({ 'ink.mixes.0.plateC': 'typed', 'ink.mixes.0.parts': 'measured' })
    expect(originAt(kept, 'ink.mixes.0.parts.1')).toBe('measured')
    expect(originAt(kept, 'ink.mixes.0.roomC')).toBeNull()
  })
  it('is one of four, and nothing else', () => {
    expect(originsSchema.safeParse({ 'press.passes': 'guessed' }).success).toBe(false)
    expect(originsSchema.safeParse(known).success).toBe(true)
  })
})
