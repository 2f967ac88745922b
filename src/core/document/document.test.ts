import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { documentKind, LaterDocumentError, upgradeDocument } from './documentKind'
import { asideWithin, putBack, readLeniently } from './setAside'

const plate = z.strictObject({ widthMm: z.number(), zones: z.array(z.strictObject({ name: z.string() })) })

describe('reading what another release wrote', () => {
  it('sets unknown keys aside with their place, however deep, and changes nothing given', () => {
    const given = { widthMm: 3, mirror: true, zones: [{ name: 'sky' }, { name: 'sea', depth: 2 }] }
    const before = structuredClone(given)
    expect(readLeniently(plate, given)).toEqual({
      value: { widthMm: 3, zones: [{ name: 'sky' }, { name: 'sea' }] },
      aside: [
        { path: ['zones', 1, 'depth'], value: 2 },
        { path: ['mirror'], value: true },
      ],
    })
    expect(given).toEqual(before)
  })
  it('finds unknown keys that a condition between fields hid at first', () => {
    const framed = z
      .strictObject({ inner: z.strictObject({ n: z.number() }) })
      .superRefine(({ inner }, context) => {
        const odd = z.strictObject({ n: z.number().max(5) }).safeParse(inner)
        if (!odd.success) context.addIssue({ code: 'custom', message: 'too large' })
      })
    expect(readLeniently(framed, { inner: { n: 1, x: 2 }, y: 3 }).aside).toHaveLength(2)
    expect(() => readLeniently(framed, { inner: { n: 9, x: 2 } })).toThrow('too large')
  })
  it('sets aside a key that a list no longer has, and misses none that it gained', () => {
    const judged = z.partialRecord(z.enum(['line', 'tone']), z.number())
    expect(readLeniently(judged, { line: 1, gloss: 2 })).toEqual({
      value: { line: 1 },
      aside: [{ path: ['gloss'], value: 2 }],
    })
  })
  it('is as strict as ever with all else', () => {
    expect(() => readLeniently(plate, { widthMm: 'wide', zones: [], more: 1 })).toThrow()
  })
  it('puts back what it set aside: read and put back is what was given', () => {
    const keys = fc.string({ minLength: 1 }).filter((key) => !(key in { widthMm: 0, zones: 0, name: 0 }))
    const extra = fc.dictionary(keys, fc.jsonValue({ maxDepth: 1 }))
    fc.assert(
      fc.property(
        extra,
        extra,
        fc.float({ noNaN: true, noDefaultInfinity: true }),
        (outer, inner, widthMm) => {
          const given = { ...outer, widthMm, zones: [{ ...inner, name: 'sky' }] }
          const { value, aside } = readLeniently(plate, given)
          expect(putBack(value, aside)).toEqual(given)
        },
      ),
    )
  })
  it('puts nothing where its place is gone or taken', () => {
    const aside = [
      { path: ['zones', 4, 'depth'], value: 2 },
      { path: ['widthMm'], value: 9 },
    ]
    expect(putBack({ widthMm: 3, zones: [] }, aside)).toEqual({ widthMm: 3, zones: [] })
  })
  it('tells a part’s place from the outside', () =>
    expect(asideWithin(['pulls', 3], [{ path: ['a'], value: 1 }])).toEqual([
      { path: ['pulls', 3, 'a'], value: 1 },
    ]))
})

describe('a kind of document', () => {
  const kind = documentKind(z.strictObject({ millimetres: z.number() }), {
    steps: [
      ({ inches }) => ({ mm: Number(inches) * 25.4 }),
      ({ mm, ...rest }) => ({ ...rest, millimetres: mm }),
    ],
  })
  it('is brought up step by step from any version; without one it is of the first', () => {
    expect(kind.version).toBe(3)
    expect(kind.read({ inches: 2 }).value).toEqual({ millimetres: 50.8 })
    expect(kind.read({ version: 2, mm: 5 }).value).toEqual({ millimetres: 5 })
    expect(kind.read(kind.write({ millimetres: 7 })).value).toEqual({ millimetres: 7 })
  })
  it('is written with its version, strictly', () => {
    expect(kind.write({ millimetres: 7 })).toEqual({ version: 3, millimetres: 7 })
    expect(() => kind.write({ millimetres: 7, inches: 1 })).toThrow()
  })
  it('of a later release is refused in words, and so is a version that is none', () => {
    expect(() => kind.read({ version: 4, metres: 1 })).toThrow(LaterDocumentError)
    expect(() => upgradeDocument({ version: 'two' }, [])).toThrow('from a later Typothesis')
    expect(() => upgradeDocument({ version: 0 }, [])).toThrow(LaterDocumentError)
  })
  it('that shows its version keeps it', () => {
    const shown = documentKind(z.strictObject({ version: z.literal(1), a: z.number() }), {
      showsVersion: true,
    })
    expect(shown.read({ version: 1, a: 2 }).value).toEqual({ version: 1, a: 2 })
  })
})
