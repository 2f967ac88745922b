import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pictureSource } from './pictureSource'

const NOTHING = { device: null, isCamera: false }
/** A directory of a TIFF, big-endian: maker, model, and where the directory of how it was taken is. */
function block(make: string, model: string, taking: readonly number[] = []): Uint8Array {
  const texts = [`${make}\0`, `${model}\0`]
  const behind = 8 + 2 + 3 * 12 + 4
  const inner = behind + texts.join('').length
  const bytes = new Uint8Array(inner + 2 + 12 * taking.length)
  const view = new DataView(bytes.buffer)
  bytes.set([0x4d, 0x4d, 0, 42])
  view.setUint32(4, 8)
  view.setUint16(8, 3)
  const entry = (at: number, tag: number, type: number, count: number, value: number) => {
    view.setUint16(at, tag)
    view.setUint16(at + 2, type)
    view.setUint32(at + 4, count)
    view.setUint32(at + 8, value)
  }
  let from = behind
  texts.forEach((words, i) => {
    entry(10 + 12 * i, 271 + i, 2, words.length, from)
    // Four letters or fewer stand in the entry itself (TIFF 6.0, section 2).
    bytes.set(new TextEncoder().encode(words), words.length <= 4 ? 18 + 12 * i : from)
    from += words.length
  })
  entry(34, 34665, 4, 1, inner)
  view.setUint16(inner, taking.length)
  taking.forEach((tag, i) => entry(inner + 2 + 12 * i, tag, 5, 1, 0))
  return bytes
}

describe('the device a picture came from', () => {
  it('is maker and model, once each', () => {
    expect(pictureSource(block('Fulmar', 'Flat 3'))).toEqual({ device: 'Fulmar Flat 3', isCamera: false })
    expect(pictureSource(block('FULMAR', 'Fulmar 9'))).toEqual({ device: 'Fulmar 9', isCamera: false })
    expect(pictureSource(block('Ern', 'A1'))).toEqual({ device: 'Ern A1', isCamera: false })
  })
  it('is a camera where it says how it was exposed: time, f-number or focal length', () => {
    for (const tag of [33434, 33437, 37386])
      expect(pictureSource(block('', '', [36864, tag])).isCamera).toBe(true)
    expect(pictureSource(block('Fulmar', 'Flat 3', [36864, 36867])).isCamera).toBe(false)
  })
  it('is not known where there is nothing to read', () => {
    for (const bytes of [[], [0x4d, 0x4d, 0, 42], [1, 2, 3, 4, 5, 6, 7, 8, 9]])
      expect(pictureSource(Uint8Array.from(bytes))).toEqual(NOTHING)
    expect(pictureSource(block(' ', '\x07'))).toEqual(NOTHING)
  })
  it('whatever stands there, is at most 80 plain letters (property)', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), fc.uint8Array({ maxLength: 300 }), (words, noise) => {
        const { device } = pictureSource(block('Fulmar', words.replaceAll('\0', '')))
        expect(device).toMatch(/^[\x20-\x7e]{1,80}$/)
        const read = pictureSource(Uint8Array.from([0x49, 0x49, 42, 0, 8, 0, 0, 0, ...noise]))
        expect(read.device ?? 'none').toMatch(/^[\x20-\x7e]{1,80}$/)
      }),
    ))
})
