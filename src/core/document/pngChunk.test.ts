import { expect, it } from 'vitest'
import { pngChunk } from './pngChunk'

it('the chunk that ends every PNG has the bytes the standard gives it (ISO 15948, 11.2.5)', () => {
  expect(Buffer.from(pngChunk('IEND', new Uint8Array(0))).toString('hex')).toBe('0000000049454e44ae426082')
})
