import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { putBack } from './putBack'

describe('putting one wrong value back', () => {
  const before = { mixes: [{ plateC: 37, roomC: 20, parts: [1, 2] }], name: 'a' }
  it('keeps everything that was typed beside it, within a list too', () => {
    const next = { mixes: [{ plateC: null, roomC: 21, parts: [1, 3] }], name: 'b' }
    expect(putBack(next, before, ['mixes', 0, 'plateC'])).toEqual({
      mixes: [{ plateC: 37, roomC: 21, parts: [1, 3] }],
      name: 'b',
    })
  })
  it('puts a list back whole where it has more or fewer entries than before', () => {
    const next = { mixes: [{ plateC: 40, roomC: 21, parts: [1, 2, Number.NaN] }], name: 'b' }
    expect(putBack(next, before, ['mixes', 0, 'parts', 2])).toEqual({
      mixes: [{ plateC: 40, roomC: 21, parts: [1, 2] }],
      name: 'b',
    })
  })
  it('has nothing to put back where there was nothing', () =>
    expect(putBack({ a: 1 }, {}, ['a', 'b'])).toEqual({ a: undefined }))
  it('is the earlier value at that path whatever stood there (property)', () => {
    fc.assert(
      fc.property(fc.integer(), fc.integer(), fc.integer(), (a, b, c) => {
        const mended = putBack({ a, b: { c } }, { a: 0, b: { c: 1 } }, ['b', 'c'])
        expect([mended, b]).toEqual([{ a, b: { c: 1 } }, b])
      }),
    )
  })
})
