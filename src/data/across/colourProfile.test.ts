import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { readColourProfile } from './colourProfile'

/** A profile made by others, as a general image library hangs it on. */
async function profileOf(made: string): Promise<Buffer> {
  const bytes = await sharp({ create: { width: 4, height: 4, channels: 3, background: '#888' } })
    .withIccProfile(made)
    .png()
    .toBuffer()
  return (await sharp(bytes).metadata()).icc!
}

/** The same profile under another name of as many letters. */
function renamed(profile: Buffer, from: string, to: string): Buffer {
  const wide = (text: string) => Buffer.from(text, 'utf16le').swap16()
  const out = Buffer.from(profile)
  for (const [was, is] of [
    [Buffer.from(from), Buffer.from(to)],
    [wide(from), wide(to)],
  ]) {
    const at = out.indexOf(was)
    if (at >= 0) is.copy(out, at)
  }
  return out
}

describe('a colour profile', () => {
  it('changes colours where a chart opened with it is another', async () => {
    expect(await readColourProfile(await profileOf('p3'), 'srgb')).toMatchObject({ changesColours: true })
    expect(await readColourProfile(await profileOf('srgb'), 'srgb')).toMatchObject({ changesColours: false })
  })
  it('is not believed by its name', async () => {
    const [wide, plain] = [await profileOf('p3'), await profileOf('srgb')]
    const { name } = await readColourProfile(wide, 'srgb')
    const posing = await readColourProfile(renamed(wide, name!, 'sRGB'), 'srgb')
    expect(posing).toEqual({ name: 'sRGB', changesColours: true })
    const own = (await readColourProfile(plain, 'srgb')).name!
    const strange = await readColourProfile(renamed(plain, own, 'Gull'.padEnd(own.length)), 'srgb')
    expect(strange).toEqual({ name: 'Gull', changesColours: false })
  })
  it('of inks always does; one that is damaged changes nothing', async () => {
    expect((await readColourProfile(await profileOf('p3'), 'cmyk')).changesColours).toBe(true)
    expect(await readColourProfile(Buffer.alloc(600, 7), 'srgb')).toEqual({
      name: null,
      changesColours: false,
    })
    expect((await readColourProfile(Buffer.alloc(600, 7), 'b-w')).changesColours).toBe(false)
  })
})
