import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { drawPlate } from '@demo/plateDrawing'
import { runCalc } from './runCalc'

let folder: string
const at = (name: string) => path.join(folder, name)
const match = (input: object) => runCalc(['match'], async () => JSON.stringify(input))

beforeAll(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'typothesis-match-'))
  const plate = await sharp(await drawPlate('posts', '#b8b2a6'))
    .resize(450, 300)
    .toBuffer()
  const sheet = await sharp({ create: { width: 640, height: 480, channels: 3, background: '#f2efe6' } })
    .composite([{ input: plate, left: 95, top: 80 }])
    .png()
    .toBuffer()
  await sharp(sheet).toFile(at('bat.png'))
  await sharp(sheet)
    .extend({ left: 12, top: 0, right: 0, bottom: 0, background: '#f2efe6' })
    .extract({ left: 0, top: 0, width: 640, height: 480 })
    .tiff()
    .toFile(at('print.tiff'))
  await sharp(sheet).toColourspace('cmyk').jpeg({ quality: 95 }).toFile(at('cmyk.jpg'))
  await sharp(sheet).png({ palette: true }).toFile(at('palette.png'))
  writeFileSync(at('words.png'), 'hello')
  writeFileSync(at('cut.png'), (await sharp(sheet).png().toBuffer()).subarray(0, 4000))
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

describe('calc match', () => {
  it('says how an impression lies and where it differs', async () => {
    const { stdout, exitCode } = await match({
      referencePath: at('bat.png'),
      impressionPath: at('print.tiff'),
      dpi: 127,
    })
    const answer = JSON.parse(stdout) as {
      shiftMm: { x: number; y: number }
      rotationDeg: number
      scalePercent: number
      regions: unknown[]
    }
    expect(exitCode).toBe(0)
    // 12 px at 127 dpi are 2.4 mm.
    expect(answer.shiftMm.x).toBeCloseTo(2.4, 2)
    expect(answer.shiftMm.y).toBeCloseTo(0, 2)
    expect(answer.rotationDeg).toBeCloseTo(0, 2)
    expect(answer.scalePercent).toBeCloseTo(0, 1)
    expect(answer.regions).toEqual([])
  })
  it.each(['cmyk.jpg', 'palette.png'])('reads %s', async (name) =>
    expect((await match({ referencePath: at('bat.png'), impressionPath: at(name), dpi: 127 })).exitCode).toBe(
      0,
    ),
  )
  it.each([
    [{ impressionPath: 'nowhere.png' }, 'impressionPath: there is no such file'],
    [
      { impressionPath: 'words.png' },
      'impressionPath: is not a picture, or it is damaged: PNG, JPEG, WebP, AVIF and TIFF can be read',
    ],
    [
      { impressionPath: 'cut.png' },
      'impressionPath: is not a picture, or it is damaged: PNG, JPEG, WebP, AVIF and TIFF can be read',
    ],
    [
      { referencePath: 'words.png' },
      'referencePath: is not a picture, or it is damaged: PNG, JPEG, WebP, AVIF and TIFF can be read',
    ],
    [{ dpi: 0 }, 'dpi: must be more than 0'],
  ])('refuses %o on one line', async (wrong, line) => {
    const paths = { referencePath: 'bat.png', impressionPath: 'print.tiff', dpi: 127, ...wrong }
    expect(
      await match({
        ...paths,
        referencePath: at(paths.referencePath),
        impressionPath: at(paths.impressionPath),
      }),
    ).toEqual({ exitCode: 2, stdout: '', stderr: `${line}\n` })
  })
})
