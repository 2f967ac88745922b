import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { profileName } from './profileName'

const HEADER = 128
/** A profile of one description, as its specification lays it down (ICC.1:2022, 7.2, 7.3). */
function profile(description: Buffer): Buffer {
  const table = Buffer.alloc(16)
  table.writeUInt32BE(1)
  table.write('desc', 4)
  table.writeUInt32BE(HEADER + table.length, 8)
  table.writeUInt32BE(description.length, 12)
  const header = Buffer.alloc(HEADER)
  header.write('acsp', 36)
  return Buffer.concat([header, table, description])
}
const numbers = (...values: number[]) =>
  Buffer.concat(values.map((value) => Buffer.from(Uint32Array.of(value).buffer).swap32()))
/** The older kind of description: ASCII, its length with its last nought (ICC.1:2001, 6.5.17). */
const ascii = (name: string) =>
  Buffer.concat([Buffer.from('desc\0\0\0\0'), numbers(name.length + 1), Buffer.from(`${name}\0`)])
/** The newer: records of language, country, length and place (ICC.1:2022, 10.15). */
const languages = (name: string) => {
  const text = Buffer.from(name, 'utf16le').swap16()
  return Buffer.concat([
    Buffer.from('mluc\0\0\0\0'),
    numbers(1, 12),
    Buffer.from('enUS'),
    numbers(text.length, 28),
    text,
  ])
}

describe('the name of a colour profile', () => {
  it('is what profiles made by others call themselves', async () => {
    const named = async (made: string) => {
      const { icc } = await sharp({ create: { width: 4, height: 4, channels: 3, background: '#888' } })
        .withIccProfile(made)
        .png()
        .toBuffer()
        .then((bytes) => sharp(bytes).metadata())
      return profileName(icc!)
    }
    expect(await named('p3')).toMatch(/p3/i)
    expect(await named('srgb')).toMatch(/srgb/i)
  })
  it('is read of both kinds of description', () => {
    expect(profileName(profile(ascii('Fulmar Flat 3')))).toBe('Fulmar Flat 3')
    expect(profileName(profile(languages('Fulmar  Flåt 3')))).toBe('Fulmar Flåt 3')
  })
  it('is not to be had of what is none, has none, or is cut off', () => {
    expect(profileName(new Uint8Array())).toBeNull()
    expect(profileName(new Uint8Array(4000).fill(255))).toBeNull()
    expect(profileName(profile(ascii('')))).toBeNull()
    expect(profileName(profile(Buffer.from('mluc\0\0\0\0\0\0\0\0')))).toBeNull()
    const whole = profile(languages('Fulmar Flat 3'))
    for (let length = 0; length < whole.length - 1; length++)
      expect(() => profileName(whole.subarray(0, length))).not.toThrow()
    expect(profileName(whole.subarray(0, HEADER + 10))).toBeNull()
  })
})
