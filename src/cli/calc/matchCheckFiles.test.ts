import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { drawPlate } from '@demo/plateDrawing'
import { runCalc } from './runCalc'

/** Pixels a millimetre of the pictures, and what lies round the sheet on the glass, px. */
const PX = 4
const ROUND = 40
const SHEET = { widthMm: 160, heightMm: 120 }
const PLATE = { leftMm: 25, topMm: 20, widthMm: 110, heightMm: 74 }

let folder: string
const at = (name: string) => path.join(folder, name)
const check = async (input: object) => {
  const { stdout, stderr, exitCode } = await runCalc(['match-check'], async () =>
    JSON.stringify({
      referencePath: at('bat.png'),
      impressionPath: at('same.png'),
      sheet: SHEET,
      plate: PLATE,
      ...input,
    }),
  )
  return { exitCode, stderr, answer: (exitCode === 0 ? JSON.parse(stdout) : {}) as Answer }
}
interface Answer {
  refused: { which: string; reason: string } | null
  verdict: string
  pictures: Record<'reference' | 'impression', { edgesSeen: boolean; notes: string[] }>
  registerMm: { x: number; y: number } | null
  rotationDeg: number | null
  stretchPercent: { x: number; y: number } | null
  checks: { check: string; standing: string; value: number | null; unit: string }[]
}
const standing = ({ checks }: Answer, name: string) => checks.find((one) => one.check === name)?.standing

/** A print on its sheet, shifted to the right by so many mm. */
async function sheetOf(plate: Buffer, byMm = 0): Promise<Buffer> {
  return sharp({
    create: {
      width: SHEET.widthMm * PX,
      height: SHEET.heightMm * PX,
      channels: 3,
      background: '#f2efe6',
    },
  })
    .composite([
      {
        input: await sharp(plate)
          .resize(PLATE.widthMm * PX, PLATE.heightMm * PX, { fit: 'fill' })
          .toBuffer(),
        left: (PLATE.leftMm + byMm) * PX,
        top: PLATE.topMm * PX,
      },
    ])
    .png()
    .toBuffer()
}
/** A sheet under a dark lid. */
const underLid = (sheet: Buffer) =>
  sharp(sheet).extend({ left: ROUND, top: ROUND, right: ROUND, bottom: ROUND, background: '#1c1c1e' }).png()

beforeAll(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'typothesis-match-check-'))
  const [posts, window] = await Promise.all([drawPlate('posts', '#b8b2a6'), drawPlate('window', '#b8b2a6')])
  const bat = await sheetOf(posts)
  await underLid(bat).toFile(at('bat.png'))
  await underLid(bat).toFile(at('same.png'))
  const made = (model: string, how = {}) => ({ IFD0: { Make: 'Fulmar', Model: model }, IFD2: how })
  await underLid(bat).withExif(made('Flat 3')).toFile(at('flat.png'))
  await underLid(bat)
    .withExif(made('Fulmar 9', { FNumber: '18/10' }))
    .toFile(at('phone.png'))
  await underLid(bat).withIccProfile('p3').toFile(at('wide.png'))
  await underLid(await sheetOf(posts, 2)).toFile(at('shifted.png'))
  await underLid(await sheetOf(window)).toFile(at('other.png'))
  await sharp(bat).toFile(at('bare.png'))
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

describe('calc match-check', () => {
  it('says nothing false of the same picture twice', async () => {
    const { answer } = await check({})
    expect(answer).toMatchObject({ refused: null, verdict: 'matches' })
    expect(answer.checks.filter((one) => one.standing === 'differs')).toEqual([])
    expect(answer.registerMm!.x).toBeCloseTo(0, 1)
    expect(answer.stretchPercent!.x).toBeCloseTo(0, 1)
    expect(answer.checks.map((one) => one.check)).toEqual(
      expect.arrayContaining(['register', 'turn', 'stretch', 'colour', 'tone', 'lines', 'marks']),
    )
  })
  it('measures a plate laid 2 mm to the right', async () => {
    const { answer } = await check({ impressionPath: at('shifted.png') })
    expect(answer.verdict).toBe('differs')
    expect(standing(answer, 'register')).toBe('differs')
    expect(answer.registerMm!.x).toBeCloseTo(2, 1)
    expect(answer.registerMm!.y).toBeCloseTo(0, 1)
    const allowed = await check({ impressionPath: at('shifted.png'), tolerances: { register: 5 } })
    expect(standing(allowed.answer, 'register')).toBe('matches')
  })
  it('says no register, turn or stretch of a sheet whose edges are not seen, until its corners are set', async () => {
    const { answer } = await check({ impressionPath: at('bare.png') })
    expect(answer).toMatchObject({
      verdict: 'cannot-say',
      registerMm: null,
      rotationDeg: null,
      stretchPercent: null,
      pictures: { reference: { edgesSeen: true, notes: [] }, impression: { edgesSeen: false } },
    })
    for (const name of ['register', 'turn', 'stretch']) expect(standing(answer, name)).toBe('cannot-say')
    expect(answer.pictures.impression.notes[0]).toContain('Set its corners by hand')
    const [width, height] = [SHEET.widthMm * PX, SHEET.heightMm * PX]
    const set = await check({
      impressionPath: at('bare.png'),
      impressionCorners: [
        [0, 0],
        [width, 0],
        [width, height],
        [0, height],
      ],
    })
    expect(set.answer.verdict).toBe('matches')
    expect(set.answer.registerMm!.x).toBeCloseTo(0, 1)
  })
  it('says no tones between two devices their files name, and which', async () => {
    const { answer } = await check({ referencePath: at('flat.png'), impressionPath: at('phone.png') })
    expect(answer.verdict).toBe('cannot-say')
    expect(standing(answer, 'tone')).toBe('cannot-say')
    expect(standing(answer, 'register')).toBe('matches')
    expect(answer.pictures.reference.notes).toEqual(['Taken with Fulmar Flat 3, as its file says.'])
    expect(answer.pictures.impression.notes[0]).toContain('taken with another device')
    const same = await check({ referencePath: at('flat.png'), impressionPath: at('flat.png') })
    expect(same.answer.verdict).toBe('matches')
  })
  it('says no tones where one file has a profile that changes colours and the other none', async () => {
    const { answer } = await check({ referencePath: at('wide.png') })
    expect([standing(answer, 'colour'), standing(answer, 'register')]).toEqual(['cannot-say', 'matches'])
    expect(answer.pictures.impression.notes[0]).toContain('has no colour profile')
    expect(answer.pictures.reference.notes[0]).toContain('read by the profile')
    const both = await check({ referencePath: at('wide.png'), impressionPath: at('wide.png') })
    expect(both.answer.verdict).toBe('matches')
  })
  it('refuses a print of another plate in words, and a missing file on one line', async () => {
    const other = await check({ impressionPath: at('other.png') })
    expect(other).toMatchObject({
      exitCode: 0,
      answer: { refused: { which: 'impression' }, verdict: 'cannot-say', checks: [] },
    })
    expect(await check({ impressionPath: at('nowhere.png') })).toMatchObject({
      exitCode: 2,
      stderr: 'impressionPath: there is no such file\n',
    })
    expect((await check({ plate: { ...PLATE, widthMm: 200 } })).stderr).toBe(
      'plate.widthMm: reaches beyond the sheet\n',
    )
  })
})
