import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { withoutTraces } from './withoutTraces'

const TOLD = {
  IFD0: { Make: 'Fulmar', Model: 'Fulmar 9', Artist: 'Oona Fell', Software: 'press room' },
  IFD2: {
    BodySerialNumber: 'SN-4471-K',
    DateTimeOriginal: '2031:05:02 09:00:00',
    UserComment: 'at the quay',
  },
  IFD3: {
    GPSLatitudeRef: 'N',
    GPSLatitude: '54/1 12/1 3344/100',
    GPSLongitudeRef: 'W',
    GPSLongitude: '4/1 8/1 1276/100',
  },
}
const SECRETS = ['Fulmar', 'SN-4471-K', 'Oona Fell', '2031:05:02', 'at the quay', 'press room']

/** A picture of coloured squares, no two corners alike, that tells what pictures tell. */
async function told(format: 'jpeg' | 'png' | 'webp' | 'tiff', orientation = 1): Promise<Buffer> {
  const data = Buffer.from(Array.from({ length: 24 * 16 * 3 }, (_, i) => (i * 37 + (i >> 4) * 11) % 256))
  const bytes = await sharp(data, { raw: { width: 24, height: 16, channels: 3 } })
    .withIccProfile('p3')
    .withExif(TOLD)
    .withMetadata({ orientation })
    .withExifMerge(TOLD)
    .toFormat(format, format === 'tiff' ? { compression: 'lzw' } : { quality: 90 })
    .toBuffer()
  return format === 'tiff' ? tellingTiff(bytes) : bytes
}
/** The directory of a TIFF with tags of a camera, of its Exif and of where it stood, laid behind the picture; in its own order of bytes. */
function tellingTiff(plain: Buffer): Buffer {
  const isLittle = plain[0] === 0x49
  const read16 = (at: number) => (isLittle ? plain.readUInt16LE(at) : plain.readUInt16BE(at))
  const read32 = (at: number) => (isLittle ? plain.readUInt32LE(at) : plain.readUInt32BE(at))
  const bytes = (size: 2 | 4, value: number) => {
    const out = Buffer.alloc(size)
    if (isLittle) out.writeUIntLE(value, 0, size)
    else out.writeUIntBE(value, 0, size)
    return out
  }
  const behind: Buffer[] = []
  let end = plain.length
  const lay = (block: Buffer): number => {
    const at = end
    behind.push(block)
    end += block.length
    return at
  }
  const text = (tag: number, words: string): [number, Buffer] => {
    const at = lay(Buffer.from(`${words}\0`))
    return [tag, Buffer.concat([bytes(2, tag), bytes(2, 2), bytes(4, words.length + 1), bytes(4, at)])]
  }
  const directory = (entries: [number, Buffer][]): Buffer =>
    Buffer.concat([
      bytes(2, entries.length),
      ...entries.sort(([a], [b]) => a - b).map(([, entry]) => entry),
      bytes(4, 0),
    ])
  const inner = (tag: number, entries: [number, Buffer][]): [number, Buffer] => {
    const at = lay(directory(entries))
    return [tag, Buffer.concat([bytes(2, tag), bytes(2, 4), bytes(4, 1), bytes(4, at)])]
  }
  const first = read32(4)
  const own = Array.from({ length: read16(first) }, (_, i): [number, Buffer] => {
    const at = first + 2 + 12 * i
    return [read16(at), plain.subarray(at, at + 12)]
  })
  const at = directory([
    ...own,
    text(271, 'Fulmar'),
    text(315, 'Oona Fell'),
    inner(34665, [text(42033, 'SN-4471-K'), text(37510, 'at the quay')]),
    inner(34853, [text(29, '2031:05:02')]),
  ])
  const start = lay(at)
  const out = Buffer.concat([plain, ...behind])
  bytes(4, start).copy(out, 4)
  return out
}
const pixels = (bytes: Uint8Array) => sharp(bytes).autoOrient().raw().toBuffer()

describe('a picture without its traces', () => {
  it.each(['jpeg', 'png', 'webp', 'tiff'] as const)(
    '%s keeps pixels, size and profile, and tells nothing',
    async (format) => {
      const before = await told(format)
      expect(SECRETS.some((secret) => before.includes(secret))).toBe(true)
      const after = Buffer.from(withoutTraces(before, format))
      for (const secret of SECRETS) expect(after.includes(secret), secret).toBe(false)
      expect((await pixels(after)).equals(await pixels(before))).toBe(true)
      const [was, is] = await Promise.all([before, after].map((bytes) => sharp(bytes).metadata()))
      expect([is.width, is.height, is.format]).toEqual([was.width, was.height, format])
      expect(is.icc!.equals(was.icc!)).toBe(true)
      expect(is.xmp).toBeUndefined()
      expect(is.exif?.includes('GPS') ?? false).toBe(false)
    },
  )
  it.each(['jpeg', 'webp', 'tiff', 'png'] as const)('%s still lies the way up it said', async (format) => {
    for (const orientation of [3, 6, 8]) {
      const before = await told(format, orientation)
      const after = Buffer.from(withoutTraces(before, format))
      expect((await sharp(after).metadata()).orientation).toBe((await sharp(before).metadata()).orientation)
      expect((await pixels(after)).equals(await pixels(before))).toBe(true)
    }
  })
  it.each(['jpeg', 'png', 'tiff'] as const)('%s still says its scale, alone and turned', async (format) => {
    for (const orientation of [1, 6]) {
      const before = await sharp({ create: { width: 90, height: 60, channels: 3, background: '#ddd' } })
        .withExif(TOLD)
        .withMetadata({ density: 300, orientation })
        .toFormat(format)
        .toBuffer()
      const after = Buffer.from(withoutTraces(before, format))
      const { density, orientation: lies = 1 } = await sharp(after).metadata()
      expect([density, lies]).toEqual([300, orientation])
      for (const secret of SECRETS) expect(after.includes(secret), secret).toBe(false)
      expect(Buffer.from(withoutTraces(after, format)).equals(after)).toBe(true)
    }
  })
  it('cleaned twice is as cleaned once, and what has nothing to tell stays as it is', async () => {
    for (const format of ['jpeg', 'png', 'webp', 'tiff'] as const) {
      const once = withoutTraces(await told(format, 6), format)
      expect(Buffer.from(withoutTraces(once, format)).equals(Buffer.from(once))).toBe(true)
    }
    const plain = await sharp({ create: { width: 9, height: 7, channels: 3, background: '#235' } })
      .png()
      .toBuffer()
    expect(Buffer.from(withoutTraces(plain, 'png')).equals(plain)).toBe(true)
  })
  it('loses chunks nobody knows, which may tell anything', async () => {
    const plain = await sharp({ create: { width: 9, height: 7, channels: 3, background: '#235' } })
      .png()
      .toBuffer()
    const strange = Buffer.from('\0\0\0\u0008caBXSN-4471-____', 'latin1')
    const telling = Buffer.concat([plain.subarray(0, 33), strange, plain.subarray(33)])
    expect(Buffer.from(withoutTraces(telling, 'png')).equals(plain)).toBe(true)
  })
  it('loses what is hung on behind the picture', async () => {
    const jpeg = await told('jpeg')
    const film = Buffer.concat([jpeg, Buffer.from('ftypmp42 a film of the room')])
    const after = Buffer.from(withoutTraces(film, 'jpeg'))
    expect(after.includes('a film of the room')).toBe(false)
    expect((await pixels(after)).equals(await pixels(jpeg))).toBe(true)
  })
  it('leaves bytes it cannot follow as they came, whatever they are', async () => {
    for (const format of ['jpeg', 'png', 'webp', 'tiff'] as const) {
      const whole = await told(format)
      for (const length of [0, 1, 3, 9, 13, 40, 121, Math.floor(whole.length / 2)]) {
        const cut = whole.subarray(0, length)
        expect(() => withoutTraces(cut, format)).not.toThrow()
      }
      for (let at = 2; at < whole.length; at += 7) {
        const harmed = Buffer.from(whole)
        harmed[at] ^= 0xff
        expect(() => withoutTraces(harmed, format)).not.toThrow()
      }
    }
    expect(withoutTraces(Uint8Array.of(1, 2, 3), 'gif')).toEqual(Uint8Array.of(1, 2, 3))
  })
})
