import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { GREY_STRIP, PATCHES } from './greyStrip'
import type { FoundStrip, Rgb3 } from './findStrip'
import { contrastOf, stripHindrance, stripTones, toneTables } from './stripTones'
import { inTonesOf } from '../toneTable'
import { isStripUsed, stripNote } from './stripUse'

/** A device: what it makes of light, both 0 to 1. */
type Device = (light: number) => number
const grey = (value: number): Rgb3 => [value, value, value]
/** Light a printed patch throws back, and the sheet's paper. */
const thrown = (black: number) => 0.88 * (1 - 0.95 * black)
const PAPER = 0.8

/** The strip as a device sees it, in so much light. */
function seenBy(device: Device, light = 1): FoundStrip {
  const code = (value: number) => grey(255 * device(light * value))
  return {
    corners: [
      [0, 0],
      [124, 0],
      [124, 18],
      [0, 18],
    ],
    readings: GREY_STRIP.blacks.map((black, i) => ({
      patch: code(thrown(black)),
      field: code(thrown(GREY_STRIP.field)),
      at: [PATCHES[i].patch.leftMm, 9],
    })),
  }
}
const paperOf = (device: Device) => grey(255 * device(PAPER))
const strip = (device: Device, light = 1) => stripTones(seenBy(device, light), () => paperOf(device))
const plain: Device = (light) => light ** (1 / 2.2)

describe('tones brought together by a strip', () => {
  it('what raises contrast is undone, over all tones from ink to paper (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1.6, max: 2.8, noNaN: true }),
        fc.double({ min: -0.3, max: 0.4, noNaN: true }),
        (gamma, contrast) => {
          const other: Device = (light) => {
            const tone = light ** (1 / gamma)
            return tone - (contrast * Math.sin(2 * Math.PI * tone)) / (2 * Math.PI)
          }
          const [table] = toneTables(
            { tones: strip(other), paper: paperOf(other) },
            { tones: strip(plain), paper: paperOf(plain) },
          )
          for (let light = 0.05; light <= PAPER; light += 0.05)
            expect(Math.abs(table[Math.round(255 * other(light))] - 255 * plain(light))).toBeLessThan(4)
        },
      ),
    )
  })
  it('the device that raises contrast shows middle tones farther apart', () => {
    const raised: Device = (light) => {
      const tone = plain(light)
      return tone - (0.3 * Math.sin(2 * Math.PI * tone)) / (2 * Math.PI)
    }
    const [even, more] = [plain, raised].map((device) =>
      contrastOf({ tones: strip(device), paper: paperOf(device) }),
    )
    expect(more).toBeGreaterThan(1.1 * even)
  })
  it('one device is left as it is, and a picture in other tones follows the tables', () => {
    const own = { tones: strip(plain), paper: paperOf(plain) }
    const tables = toneTables(own, own)
    for (let value = 40; value < 235; value++) expect(Math.abs(tables[1][value] - value)).toBeLessThan(2)
    const dark = tables.map((table) => table.map((value) => value >> 1))
    const halved = inTonesOf({ width: 1, height: 2, data: Uint8Array.of(200, 100, 60, 80, 80, 80) }, dark)
    expect([...halved.data].map((value) => Math.abs(value))).toEqual(
      [200, 100, 60, 80, 80, 80].map((value, i) => dark[i % 3][value]),
    )
  })
  it('not where a strip is as light as can be, or lies in another light than its sheet', () => {
    expect(stripHindrance(strip(plain), strip(plain))).toBeNull()
    expect(stripHindrance(strip(plain, 1.3), strip(plain))).toBe('too-light')
    expect(stripHindrance(strip(plain), strip(plain, 0.7))).toBe('other-light')
  })
})

describe('what is said of the strip', () => {
  const both = { seenBeside: ['reference', 'impression'], hindrance: null } as const
  it('is said once: that it helped, that it could not and why, or that it lies beside one alone', () => {
    expect([isStripUsed(both), isStripUsed({ ...both, hindrance: 'too-light' })]).toEqual([true, false])
    expect(isStripUsed({ seenBeside: ['impression'], hindrance: null })).toBe(false)
    expect(stripNote(both, 'reference')).toBeNull()
    expect(stripNote(both, 'impression')).toContain('brought together by the grey strip')
    expect(stripNote({ ...both, hindrance: 'too-light' }, 'impression')).toContain('again darker')
    const one = { seenBeside: ['reference'], hindrance: null } as const
    expect(stripNote(one, 'reference')).toContain('none beside the other')
    expect(stripNote(one, 'impression')).toBeNull()
    expect(stripNote({ seenBeside: [], hindrance: null }, 'impression')).toBeNull()
  })
})
