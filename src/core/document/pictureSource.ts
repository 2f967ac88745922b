import { ascii, ENTRY, Tiff } from './tiff'

/** What a picture's file says of the device it came from. */
export interface PictureSource {
  /** maker and model, as the device writes them; null: nothing */
  device: string | null
  /** whether it says how it was exposed, as only a camera does */
  isCamera: boolean
}

/** Tags of a device's maker and model (TIFF 6.0), of the directory of how a picture was taken, and in that: exposure time, f-number, focal length (Exif 2.32). */
const MAKE = 271
const MODEL = 272
const TAKING = 34665
const EXPOSED = new Set([33434, 33437, 37386])
/** Longer names are cut. */
const MOST_LETTERS = 80

/** The text an entry holds: up to four letters in itself, more elsewhere. */
function textAt(tiff: Tiff, entry: number): string {
  const length = tiff.long(entry + 4)
  const from = length > 4 ? tiff.long(entry + 8) : entry + 8
  const [words] = ascii(tiff.bytes, from, Math.min(length, MOST_LETTERS)).split('\0')
  return words
    .replace(/[^\x20-\x7e]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

/** Entries of a directory, by tag. */
function entriesOf(tiff: Tiff, directory: number): Map<number, number> {
  const entries = new Map<number, number>()
  for (let i = 0; i < tiff.short(directory); i++) {
    const at = directory + 2 + ENTRY * i
    entries.set(tiff.short(at), at)
  }
  return entries
}

/**
 * The device a picture came from, by its Exif block, or by a TIFF file itself, which is built alike (TIFF 6.0; Exif 2.32, 4.6). Makers, models and whether it was exposed,
 * and nothing else: no serial number, place, moment or person.
 *
 * @example pictureSource(new Uint8Array()) // { device: null, isCamera: false }
 */
export function pictureSource(exif: Uint8Array): PictureSource {
  const tiff = new Tiff(ascii(exif, 0, 4) === 'Exif' ? exif.subarray(6) : exif)
  if (!tiff.isTiff()) return { device: null, isCamera: false }
  const first = entriesOf(tiff, tiff.long(4))
  const [make, model] = [MAKE, MODEL].map((tag) => {
    const entry = first.get(tag)
    return entry === undefined ? '' : textAt(tiff, entry)
  })
  // Most models are written with their maker's name before them.
  const device = model.toLowerCase().startsWith(make.toLowerCase()) ? model : `${make} ${model}`.trim()
  const taking = first.get(TAKING)
  const how = taking === undefined ? [] : [...entriesOf(tiff, tiff.long(taking + 8)).keys()]
  return {
    device: device === '' ? null : device.slice(0, MOST_LETTERS),
    isCamera: how.some((tag) => EXPOSED.has(tag)),
  }
}
