import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { RAG_WHITE } from './ragWhite'
import { foldsFor, LEAST_MARGIN_MM, usualFold } from './folds'
import { usualDamping } from './usualDamping'

describe('usualDamping', () => {
  const paper = { sizing: 'soft', sides: '', reflectance: RAG_WHITE } as const
  test('heavy rag is soaked, light paper sprayed, a tissue lies between blotters, coated stock stays dry', () => {
    expect(usualDamping({ ...paper, gsm: 300 }).method).toBe('soak')
    expect(usualDamping({ ...paper, gsm: 200 }).method).toBe('soak')
    expect(usualDamping({ ...paper, gsm: 120 }).method).toBe('spray')
    expect(usualDamping({ ...paper, gsm: 12 }).method).toBe('blotters')
    expect(usualDamping({ ...paper, gsm: 300, sizing: 'coated' }).targetUptakePercent).toBe(0)
  })
})

describe('foldsFor', () => {
  const sheet = { widthMm: 560, heightMm: 760 }
  const smallest = (plate: { widthMm: number; heightMm: number }) => foldsFor(sheet, plate).at(-1)
  test('a sheet of 56 × 76 cm folds to 380 × 560, 280 × 380 and 190 × 280', () => {
    expect(smallest({ widthMm: 500, heightMm: 700 })).toMatchObject({ ...sheet, times: 0 })
    expect(smallest({ widthMm: 300, heightMm: 400 })).toMatchObject({
      widthMm: 380,
      heightMm: 560,
      words: 'half sheet',
    })
    expect(smallest({ widthMm: 300, heightMm: 200 })).toMatchObject({
      widthMm: 380,
      heightMm: 280,
      words: 'quarter sheet',
    })
    expect(smallest({ widthMm: 120, heightMm: 90 })).toMatchObject({
      widthMm: 190,
      heightMm: 140,
      words: 'sixteenth sheet',
    })
    expect(smallest({ widthMm: 600, heightMm: 100 })).toMatchObject({
      widthMm: 760,
      heightMm: 560,
      words: 'whole sheet',
    })
    expect(foldsFor(sheet, { widthMm: 761, heightMm: 560 })).toEqual([])
  })
  test('a whole sheet is printed on however narrow its margins, and turned where the plate lies across', () => {
    const postcard = { widthMm: 105, heightMm: 148 }
    const plate = { widthMm: 120, heightMm: 80 }
    expect(foldsFor(postcard, plate)).toEqual([
      { widthMm: 148, heightMm: 105, times: 0, words: 'whole sheet' },
    ])
    // 10 mm at its sides as it lies, and more than 100 all round across.
    expect(usualFold(sheet, { widthMm: 540, heightMm: 300 })).toMatchObject({ widthMm: 760, heightMm: 560 })
    expect(foldsFor(sheet, { widthMm: 540, heightMm: 740 }).map(({ times }) => times)).toEqual([0])
  })
  test('one begins with the smallest of a large sheet, and with the whole of one torn already', () => {
    const plate = { widthMm: 120, heightMm: 90 }
    expect(usualFold(sheet, plate)!.words).toBe('sixteenth sheet')
    expect(usualFold({ widthMm: 297, heightMm: 420 }, plate)!.words).toBe('whole sheet')
    expect(usualFold({ widthMm: 150, heightMm: 100 }, plate)!.words).toBe('whole sheet')
    expect(usualFold({ widthMm: 110, heightMm: 100 }, plate)).toBeNull()
  })
  test('every piece that is torn keeps its margins, and the next fold would not', () => {
    const side = fc.double({ min: 20, max: 900, noNaN: true })
    fc.assert(
      fc.property(side, side, side, side, (a, b, c, d) => {
        const [least] = [c, d].sort((x, y) => x - y).map((one) => one + 2 * LEAST_MARGIN_MM)
        const most = Math.max(c, d) + 2 * LEAST_MARGIN_MM
        const folds = foldsFor({ widthMm: a, heightMm: b }, { widthMm: c, heightMm: d })
        for (const { widthMm, heightMm, times } of folds)
          expect(Math.min(widthMm - c, heightMm - d)).toBeGreaterThanOrEqual(
            times === 0 ? 0 : 2 * LEAST_MARGIN_MM,
          )
        // However it is laid, no way to lay the whole sheet leaves the plate the margin that this one does not.
        const [whole] = folds
        const margin = (across: number, down: number) => Math.min(across - c, down - d) / 2
        const best = Math.max(margin(a, b), margin(b, a))
        expect(folds.length > 0).toBe(best >= 0)
        if (whole && best >= LEAST_MARGIN_MM)
          expect(margin(whole.widthMm, whole.heightMm)).toBeGreaterThanOrEqual(LEAST_MARGIN_MM)
        const last = folds.at(-1)
        if (!last || last.times === 4) return
        const [short, long] = [last.widthMm, last.heightMm].sort((x, y) => x - y)
        const next = [short, long / 2].sort((x, y) => x - y)
        expect(next[0] < least || next[1] < most).toBe(true)
      }),
    )
  })
})
