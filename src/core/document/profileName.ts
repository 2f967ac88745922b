import { ascii } from './tiff'

/** Where a profile says what it is, where its table of tags begins, and the bytes of a row of it (ICC.1:2022, 7.2 and 7.3). */
const SIGNATURE_AT = 36
const TABLE_AT = 128
const ROW = 12
/** Tags of a profile; more are none. */
const MOST_TAGS = 100
/** Longer names are cut. */
const MOST_LETTERS = 60

/** Text in two bytes a letter, the high one first. */
const wide = (view: DataView, at: number, length: number): string =>
  String.fromCharCode(...Array.from({ length: length >> 1 }, (_, i) => view.getUint16(at + 2 * i)))

/** The text of a description: in ASCII (ICC.1:2001, 6.5.17), or the first of several languages (ICC.1:2022, 10.15). */
function described(bytes: Uint8Array, view: DataView, at: number): string {
  const kind = ascii(bytes, at, 4)
  if (kind === 'desc') return ascii(bytes, at + 12, Math.min(view.getUint32(at + 8), MOST_LETTERS))
  if (kind !== 'mluc' || view.getUint32(at + 8) === 0) return ''
  return wide(view, at + view.getUint32(at + 24), Math.min(view.getUint32(at + 20), 2 * MOST_LETTERS))
}

/**
 * What a colour profile calls itself, by its description (ICC.1:2022, 9.2.41).
 *
 * @returns null where it is no profile, is damaged, or has no name
 *
 * @example profileName(new Uint8Array()) // null
 */
export function profileName(icc: Uint8Array): string | null {
  if (ascii(icc, SIGNATURE_AT, 4) !== 'acsp') return null
  const view = new DataView(icc.buffer, icc.byteOffset, icc.length)
  try {
    const tags = Math.min(view.getUint32(TABLE_AT), MOST_TAGS)
    for (let at = TABLE_AT + 4; at < TABLE_AT + 4 + ROW * tags; at += ROW) {
      if (ascii(icc, at, 4) !== 'desc') continue
      const [words] = described(icc, view, view.getUint32(at + 4)).split('\0')
      const name = words.replace(/\s+/g, ' ').trim()
      return name || null
    }
    return null
  } catch (error) {
    // A place within it leads beyond its end.
    if (error instanceof RangeError) return null
    throw error
  }
}
