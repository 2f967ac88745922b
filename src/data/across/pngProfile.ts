import { deflateSync } from 'node:zlib'
import { pngChunk } from '@/core/document/pngChunk'

/** A PNG's signature and its header (ISO 15948, 5.2 and 11.2.2): what follows may be a profile. */
const HEADER_BYTES = 33

/** A PNG whose pixels are in the colours of a profile already, with that hung on (ISO 15948, 11.3.2.3). */
export function withProfile(png: Buffer, profile: Uint8Array): Buffer {
  const hung = pngChunk('iCCP', Buffer.concat([Buffer.from('profile\0\0'), deflateSync(profile)]))
  return Buffer.concat([png.subarray(0, HEADER_BYTES), hung, png.subarray(HEADER_BYTES)])
}
