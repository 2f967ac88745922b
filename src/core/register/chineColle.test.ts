import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import type { Point } from '../geometry/point'
import {
  colleSettingSchema,
  colleTemplate,
  nestPieces,
  NothingLeftError,
  type ColleSetting,
} from './chineColle'

const wedge: Point[] = [
  [20, 20],
  [80, 20],
  [80, 60],
  [50, 60],
]
const setting = (more: Partial<ColleSetting> = {}): ColleSetting => ({
  name: 'Sail',
  material: null,
  face: 'either',
  uninked: '',
  outline: wedge,
  fitting: 'template',
  allowanceMm: 0,
  cutFrom: 'paste-side',
  paste: 'brushed',
  grain: 'up',
  growthAlongPercent: 0,
  growthAcrossPercent: 0,
  sheetWidthMm: 200,
  sheetHeightMm: 300,
  pieces: 12,
  ...more,
})

describe('the template', () => {
  it('lies at the corner of its own box, the size of the zone', () => {
    const { widthMm, heightMm, areaCm2, outline } = colleTemplate(setting())
    expect([widthMm, heightMm, areaCm2]).toEqual([60, 40, 18])
    expect(outline).toContainEqual([0, 0])
  })
  it('cut face up is mirrored; twice mirrored is as before', () => {
    const seen = colleTemplate(setting()).outline
    const face = colleTemplate(setting({ cutFrom: 'face' })).outline
    expect(face.map(([x, y]) => [60 - x, y])).toEqual(seen)
  })
  it('damp growth is taken back across and along: 60 mm that grows 2 % is cut at 58.82', () => {
    const { widthMm, heightMm } = colleTemplate(setting({ growthAcrossPercent: 2, growthAlongPercent: 0.5 }))
    expect(widthMm).toBeCloseTo(58.8235, 3)
    expect(heightMm).toBeCloseTo(39.801, 3)
    const turned = colleTemplate(
      setting({ growthAcrossPercent: 2, growthAlongPercent: 0.5, grain: 'across' }),
    )
    expect(turned.heightMm).toBeCloseTo(39.2157, 3)
  })
  it('grown damp again it has the zone’s size and allowance (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -4, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (allowanceMm, growth) => {
          const plain = colleTemplate(setting({ allowanceMm }))
          const cut = colleTemplate(
            setting({ allowanceMm, growthAcrossPercent: growth, growthAlongPercent: growth }),
          )
          expect(cut.widthMm * (1 + growth / 100)).toBeCloseTo(plain.widthMm, 6)
          expect(cut.areaCm2 * (1 + growth / 100) ** 2).toBeCloseTo(plain.areaCm2, 6)
        },
      ),
    )
  })
  it('an allowance of 1 mm makes a 60 × 40 box 62 × 42', () => {
    const { widthMm, heightMm } = colleTemplate(
      setting({
        outline: [
          [0, 0],
          [60, 0],
          [60, 40],
          [0, 40],
        ],
        allowanceMm: 1,
      }),
    )
    expect([widthMm, heightMm]).toEqual([62, 42])
  })
  it('trimmed on the plate it is a box with 10 mm to spare, whatever allowance or growth was set; only the piece is pasted', () => {
    const rough = colleTemplate(setting({ fitting: 'trimmed', allowanceMm: -19, growthAcrossPercent: 9 }))
    expect([rough.widthMm, rough.heightMm]).toEqual([80, 60])
    expect(rough.pasteGrams).toBeCloseTo(0.0216, 6)
  })
  it('so much inward that nothing is left is said', () =>
    expect(() => colleTemplate(setting({ allowanceMm: -20 }))).toThrow(NothingLeftError))
  it('18 cm² take 0.0216 g of starch brushed, twelve times that of water; dusted, none', () => {
    expect(colleTemplate(setting())).toMatchObject({
      pasteGrams: expect.closeTo(0.0216, 6) as number,
      waterGrams: expect.closeTo(0.2592, 6) as number,
    })
    expect(colleTemplate(setting({ paste: 'dusted' })).waterGrams).toBe(0)
    expect(colleTemplate(setting({ paste: 'ready-made' })).pasteGrams).toBeCloseTo(0.108, 6)
  })
})

describe('on the sheet', () => {
  it('pieces lie 2 mm apart and none over the edge', () => {
    const { perSheet, sheets, placements } = nestPieces(
      { widthMm: 60, heightMm: 40 },
      { sheetWidthMm: 200, sheetHeightMm: 300, pieces: 12 },
    )
    // 3 across (3 · 60 + 2 · 2 = 184), 7 down (7 · 40 + 6 · 2 = 292), by hand.
    expect([perSheet, sheets, placements.length]).toEqual([21, 1, 12])
    for (const { xMm, yMm } of placements) expect(xMm + 60 <= 200 && yMm + 40 <= 300).toBe(true)
  })
  it('a piece larger than the sheet fits none', () =>
    expect(
      nestPieces({ widthMm: 260, heightMm: 40 }, { sheetWidthMm: 200, sheetHeightMm: 300, pieces: 2 }),
    ).toEqual({ perSheet: 0, sheets: 0, placements: [] }))
  it('bad input is named', () =>
    expect(colleSettingSchema.safeParse(setting({ growthAcrossPercent: 40 })).error!.issues[0].path).toEqual([
      'growthAcrossPercent',
    ]))
})
