import { pngChunk } from './pngChunk'
import { ascii, ENTRY, Tiff } from './tiff'

/** A picture's bytes, changed or not, in a buffer of their own. */
type Bytes = Uint8Array<ArrayBuffer>

const joined = (parts: readonly Uint8Array[]): Bytes => {
  const out = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0))
  let at = 0
  for (const part of parts) {
    out.set(part, at)
    at += part.length
  }
  return out
}

/** Which way up a picture lies where it says nothing of it (TIFF 6.0, tag 274). */
const UPRIGHT = 1
const ORIENTATION = 274
/** Pixels a unit of length, a fraction, and which unit; what is written where nobody knows (TIFF 6.0, tags 282 and 296). */
const RESOLUTION = 282
const RESOLUTION_UNIT = 296
const INCH = 2
const NOBODY_KNOWS = 72

/** Bytes of a value by its type (TIFF 6.0, section 2; 13: offset of a directory). */
const TYPE_BYTES = [0, 1, 1, 2, 4, 8, 1, 1, 2, 4, 8, 4, 8, 4]

const isTurned = (orientation: number) => orientation > UPRIGHT && orientation <= 8

/** What an Exif block says of how its picture is to be seen: which way up, and in what scale. */
interface Seen {
  orientation: number
  /** pixels a unit, over what, and the unit; null: nothing, or what is written where nobody knows */
  resolution: { pixels: number; over: number; unit: number } | null
}

function seenOf(exif: Uint8Array): Seen {
  const tiff = new Tiff(exif)
  let [orientation, pixels, over, unit] = [UPRIGHT, 0, 1, INCH]
  if (!tiff.isTiff()) return { orientation, resolution: null }
  const first = tiff.long(4)
  for (let i = 0; i < tiff.short(first); i++) {
    const at = first + 2 + ENTRY * i
    const tag = tiff.short(at)
    if (tag === ORIENTATION) orientation = tiff.short(at + 8)
    if (tag === RESOLUTION_UNIT) unit = tiff.short(at + 8)
    if (tag === RESOLUTION) [pixels, over] = [0, 4].map((part) => tiff.long(tiff.long(at + 8) + part))
  }
  const isKnown = pixels > 0 && over > 0 && !(unit === INCH && pixels === NOBODY_KNOWS * over)
  return { orientation, resolution: isKnown ? { pixels, over, unit } : null }
}

/** An Exif block that says this and nothing else; null: there is nothing to say. */
function exifOf({ orientation, resolution }: Seen): Bytes | null {
  const SHORT = 3
  const RATIONAL = 5
  const turned = isTurned(orientation) ? [[ORIENTATION, SHORT, orientation]] : []
  const scaled = resolution
    ? [
        [RESOLUTION, RATIONAL, 0],
        [RESOLUTION + 1, RATIONAL, 0],
        [RESOLUTION_UNIT, SHORT, resolution.unit],
      ]
    : []
  const entries = [...turned, ...scaled]
  if (entries.length === 0) return null
  const behind = 10 + ENTRY * entries.length + 4
  const bytes = new Uint8Array(behind + (resolution ? 8 : 0))
  bytes.set([0x4d, 0x4d, 0, 42])
  const tiff = new Tiff(bytes)
  tiff.setLong(4, 8)
  tiff.setShort(8, entries.length)
  entries.forEach(([tag, type, value], i) => {
    const at = 10 + ENTRY * i
    tiff.setShort(at, tag)
    tiff.setShort(at + 2, type)
    tiff.setLong(at + 4, 1)
    // Both ways have one scale, so that both point at one fraction.
    if (type === RATIONAL) tiff.setLong(at + 8, behind)
    else tiff.setShort(at + 8, value)
  })
  if (resolution) {
    tiff.setLong(behind, resolution.pixels)
    tiff.setLong(behind + 4, resolution.over)
  }
  return bytes
}

const EXIF = 'Exif\0\0'

/** Where the entropy coded data that begins here ends: at the next marker that is no restart. */
function afterScan(bytes: Uint8Array, from: number): number {
  for (let at = from; at + 1 < bytes.length; at++)
    if (bytes[at] === 0xff && bytes[at + 1] !== 0 && (bytes[at + 1] < 0xd0 || bytes[at + 1] > 0xd7)) return at
  return bytes.length
}

/** Whether a segment of a JPEG is kept: what decodes it, JFIF, Adobe's colour transform, and a colour profile. */
function isKeptInJpeg(marker: number, bytes: Uint8Array, at: number): boolean {
  if (marker === 0xe0) return ascii(bytes, at, 4) === 'JFIF'
  if (marker === 0xe2) return ascii(bytes, at, 11) === 'ICC_PROFILE'
  return marker === 0xee || !((marker >= 0xe1 && marker <= 0xef) || marker === 0xfe)
}

const isEnd = (bytes: Uint8Array, at: number): boolean => bytes[at] === 0xff && bytes[at + 1] === 0xd9

function cleanJpeg(bytes: Uint8Array): Bytes | null {
  const parts = [bytes.subarray(0, 2)]
  let hasScan = false
  let at = 2
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== 0xff) return null
    const marker = bytes[at + 1]
    if (marker === 0xff) {
      at += 1
      continue
    }
    // What lies behind the end of the picture is another one, or a film.
    if (marker === 0xd9) break
    const length = 2 + ((bytes[at + 2] << 8) | bytes[at + 3])
    const end = at + length
    if (marker === 0xe1 && ascii(bytes, at + 4, 6) === EXIF) {
      const exif = exifOf(seenOf(bytes.subarray(at + 10, end)))
      if (exif) {
        const head = Uint8Array.of(0xff, 0xe1, 0, 8 + exif.length)
        parts.push(
          head,
          Uint8Array.from(EXIF, (c) => c.charCodeAt(0)),
          exif,
        )
      }
    } else if (isKeptInJpeg(marker, bytes, at + 4)) parts.push(bytes.subarray(at, end))
    at = end
    if (marker === 0xda) {
      hasScan = true
      const next = afterScan(bytes, at)
      parts.push(bytes.subarray(at, next))
      at = next
    }
  }
  // A picture whose end is missing is still drawn as far as it goes.
  return hasScan ? joined([...parts, bytes.subarray(at, isEnd(bytes, at) ? at + 2 : at)]) : null
}

/** What of a PNG's optional chunks says how its pixels look; its critical ones begin with a capital (ISO 15948, 5.4). */
const LOOKS_IN_PNG = new Set([
  ...['tRNS', 'cHRM', 'gAMA', 'iCCP', 'sBIT', 'sRGB', 'cICP', 'mDCV', 'cLLI', 'bKGD', 'hIST', 'pHYs', 'sPLT'],
  ...['acTL', 'fcTL', 'fdAT'],
])
const isKeptInPng = (type: string): boolean => /^[A-Z]/.test(type) || LOOKS_IN_PNG.has(type)

function cleanPng(bytes: Uint8Array): Bytes | null {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.length)
  const parts = [bytes.subarray(0, 8)]
  let at = 8
  while (at + 12 <= bytes.length) {
    const length = view.getUint32(at)
    const type = ascii(bytes, at + 4, 4)
    const end = at + 12 + length
    if (end > bytes.length) return null
    if (type === 'eXIf') {
      const exif = exifOf(seenOf(bytes.subarray(at + 8, at + 8 + length)))
      if (exif) parts.push(pngChunk('eXIf', exif))
    } else if (isKeptInPng(type)) parts.push(bytes.subarray(at, end))
    if (type === 'IEND') return joined(parts)
    at = end
  }
  return null
}

/** What of a WebP says how it looks (RFC 9649, 2.7). */
const LOOKS_IN_WEBP = new Set(['VP8 ', 'VP8L', 'VP8X', 'ALPH', 'ANIM', 'ANMF', 'ICCP'])
/** Flags of a WebP's extended header: it has Exif, it has XMP. */
const WEBP_EXIF = 0x08
const WEBP_XMP = 0x04

function cleanWebp(bytes: Uint8Array): Bytes | null {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.length)
  const whole = bytes.length < 12 ? Infinity : 8 + view.getUint32(4, true)
  if (whole > bytes.length) return null
  const parts: Uint8Array[] = [bytes.slice(0, 12)]
  let header: Uint8Array | null = null
  let exif: Bytes | null = null
  for (let at = 12; at + 8 <= whole;) {
    const length = view.getUint32(at + 4, true)
    const end = at + 8 + length + (length % 2)
    const type = ascii(bytes, at, 4)
    if (type === 'EXIF') {
      const block = bytes.subarray(at + 8, at + 8 + length)
      exif = exifOf(seenOf(ascii(block, 0, 6) === EXIF ? block.subarray(6) : block))
    } else if (LOOKS_IN_WEBP.has(type)) {
      const chunk = bytes.slice(at, Math.min(end, whole))
      if (type === 'VP8X') header = chunk
      parts.push(chunk)
    }
    at = end
  }
  if (header) header[8] &= ~(WEBP_EXIF | WEBP_XMP)
  if (header && exif) {
    header[8] |= WEBP_EXIF
    const head = Uint8Array.of(0x45, 0x58, 0x49, 0x46, exif.length, 0, 0, 0)
    parts.push(head, exif)
  }
  const out = joined(parts)
  new DataView(out.buffer).setUint32(4, out.length - 8, true)
  return out
}

/** Tags of a TIFF that say who, where, when and with which device; the pixels, their size and their colours need none of them. */
const TOLD_IN_TIFF = new Set([
  269, 270, 271, 272, 305, 306, 315, 316, 700, 33432, 33723, 34377, 34665, 34853, 37500, 42032, 42033, 42037,
  50708, 50735,
])
/** Of these the value is a directory of its own. */
const DIRECTORIES = new Set([34665, 34853])
/** More pages than this, or directories that lead back, are followed no further. */
const MOST_DIRECTORIES = 64

/** Blanks what an entry points at: its text, its numbers, or its whole directory. */
function blank(tiff: Tiff, at: number, depth: number): void {
  const [tag, type, length] = [tiff.short(at), tiff.short(at + 2), tiff.long(at + 4)]
  const size = (TYPE_BYTES[type] ?? 1) * length
  if (DIRECTORIES.has(tag) && depth < 3) {
    const inner = tiff.long(at + 8)
    const entries = tiff.short(inner)
    for (let i = 0; i < entries; i++) blank(tiff, inner + 2 + ENTRY * i, depth + 1)
    tiff.bytes.fill(0, inner, Math.min(tiff.bytes.length, inner + 2 + ENTRY * entries))
  } else if (size > 4) {
    const from = tiff.long(at + 8)
    tiff.bytes.fill(0, from, Math.min(tiff.bytes.length, from + size))
  }
}

function cleanTiff(bytes: Uint8Array): Bytes | null {
  const out = Uint8Array.from(bytes)
  const tiff = new Tiff(out)
  if (!tiff.isTiff()) return null
  let directory = tiff.long(4)
  for (let page = 0; page < MOST_DIRECTORIES && directory > 0 && directory + 2 <= out.length; page++) {
    const entries = tiff.short(directory)
    const end = directory + 2 + ENTRY * entries
    if (end + 4 > out.length) return null
    const next = tiff.long(end)
    const kept: Uint8Array[] = []
    for (let i = 0; i < entries; i++) {
      const at = directory + 2 + ENTRY * i
      if (TOLD_IN_TIFF.has(tiff.short(at))) blank(tiff, at, 0)
      else kept.push(out.slice(at, at + ENTRY))
    }
    out.fill(0, directory, end + 4)
    tiff.setShort(directory, kept.length)
    kept.forEach((entry, i) => out.set(entry, directory + 2 + ENTRY * i))
    tiff.setLong(directory + 2 + ENTRY * kept.length, next)
    directory = next
  }
  return out
}

const CLEANED: Partial<Record<string, (bytes: Uint8Array) => Bytes | null>> = {
  jpeg: cleanJpeg,
  png: cleanPng,
  webp: cleanWebp,
  tiff: cleanTiff,
}

/**
 * A picture without what it tells beside itself: where it was taken and when, by whom, with which device and its serial number, notes, and
 * whatever is hung on behind it. Pixels, size, scale, colour profile and which way up it lies stay, bit for bit (JPEG: ITU-T T.81 with JFIF and
 * Exif 2.32; PNG: ISO 15948; WebP: RFC 9649; TIFF 6.0).
 *
 * @param format as the bytes themselves say @returns the bytes; as they came where their structure cannot be followed
 */
export function withoutTraces(bytes: Uint8Array, format: string): Uint8Array {
  try {
    return CLEANED[format]?.(bytes) ?? bytes
  } catch (error) {
    // A length within it leads beyond its end: nothing more can be told from it.
    if (error instanceof RangeError) return bytes
    throw error
  }
}
