import { readFile } from 'node:fs/promises'
import path from 'node:path'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { readPictureSource } from './pictureSource'

const MADE = { Make: 'Fulmar', Model: 'Fulmar 9', Artist: 'Oona Fell' }
const EXPOSED = { ExposureTime: '1/60', FNumber: '18/10' }
const picture = (tags: Record<string, Record<string, string>>, format: 'jpeg' | 'png' | 'webp' = 'jpeg') =>
  sharp({ create: { width: 8, height: 8, channels: 3, background: '#e8e4da' } })
    .withExif(tags)
    .toFormat(format)
    .toBuffer()

describe('the device a picture came from, written by a general library (sharp)', () => {
  it.each(['jpeg', 'png', 'webp'] as const)('is read from a %s, with how it was exposed', async (format) => {
    const bytes = await picture({ IFD0: MADE, IFD2: EXPOSED }, format)
    expect(await readPictureSource(bytes)).toEqual({ device: 'Fulmar 9', isCamera: true })
  })
  it('has its maker’s name before a model that goes without; a scanner says nothing of exposure', async () => {
    expect(await readPictureSource(await picture({ IFD0: { Make: 'Fulmar', Model: 'Flat 3' } }))).toEqual({
      device: 'Fulmar Flat 3',
      isCamera: false,
    })
    expect((await readPictureSource(await picture({ IFD0: { Make: 'Fulmar' } }))).device).toBe('Fulmar')
    expect((await readPictureSource(await picture({ IFD0: { Model: 'Flat 3' } }))).device).toBe('Flat 3')
  })
  it('is not known of a picture that says nothing, and of what is none', async () => {
    const nothing = { device: null, isCamera: false }
    expect(await readPictureSource(await picture({}))).toEqual(nothing)
    expect(await readPictureSource(Buffer.from('no picture'))).toEqual(nothing)
    const heic = await readFile(path.join(import.meta.dirname, 'picture.test.fixture.heic'))
    expect((await readPictureSource(heic)).isCamera).toBe(false)
  })
})
