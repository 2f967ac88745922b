/** Letters from a place in bytes. */
export const ascii = (bytes: Uint8Array, at: number, length: number): string =>
  String.fromCharCode(...bytes.subarray(at, at + length))

/** Bytes of an entry of a directory (TIFF 6.0, section 2). */
export const ENTRY = 12

/** Numbers of a TIFF structure, in either order of bytes. */
export class Tiff {
  private readonly view: DataView
  readonly isLittle: boolean
  constructor(readonly bytes: Uint8Array) {
    this.view = new DataView(bytes.buffer, bytes.byteOffset, bytes.length)
    this.isLittle = bytes[0] === 0x49
  }
  isTiff = (): boolean =>
    this.bytes.length >= 8 && ['II', 'MM'].includes(ascii(this.bytes, 0, 2)) && this.short(2) === 42
  short = (at: number): number => (at + 2 <= this.bytes.length ? this.view.getUint16(at, this.isLittle) : 0)
  long = (at: number): number => (at + 4 <= this.bytes.length ? this.view.getUint32(at, this.isLittle) : 0)
  setShort = (at: number, value: number): void => this.view.setUint16(at, value, this.isLittle)
  setLong = (at: number, value: number): void => this.view.setUint32(at, value, this.isLittle)
}
