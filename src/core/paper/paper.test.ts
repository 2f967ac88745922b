import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { planDampPack, sheetGrams, uptakeInput, uptakePercent } from './dampPaper'
import { BASIS_SIZES_IN, convertPaperWeight, paperWeightInput, type Basis } from './paperWeight'

describe('paper weight against trade tables', () => {
  // Conversion factors printed in trade tables (TAPPI TIP 0800-03 and mill swatch books): gsm for one pound of each basis.
  it.each<[Basis, number]>([
    ['bond', 3.76],
    ['text', 1.48],
    ['cover', 2.704],
    ['index', 1.808],
    ['tag', 1.627],
    ['bristol', 2.193],
  ])('%s: one pound is %f g/m²', (basis, factor) => {
    expect(convertPaperWeight({ pounds: 1, basis }).gsm).toBeCloseTo(factor, 2)
  })
  it('140 lb imperial is 298 g/m² and 80 lb cover 216', () => {
    expect(convertPaperWeight({ pounds: 140, basis: 'imperial' }).gsm).toBeCloseTo(298, 0)
    expect(convertPaperWeight({ pounds: 80, basis: 'cover' }).gsm).toBeCloseTo(216, 0)
  })
  it('comes back (property)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 900, noNaN: true }),
        fc.constantFrom(...(Object.keys(BASIS_SIZES_IN) as Basis[])),
        (pounds, basis) => {
          const { gsm } = convertPaperWeight({ pounds, basis })
          expect(convertPaperWeight({ gsm, basis }).pounds / pounds).toBeCloseTo(1, 12)
        },
      ),
    )
  })
  it('wants one of both', () =>
    expect(paperWeightInput.safeParse({ pounds: 1, gsm: 2, basis: 'bond' }).success).toBe(false))
})

describe('damp paper', () => {
  it('an A4 sheet of 80 g/m² weighs 4.99 g (ISO 216: 1/16 m²)', () =>
    expect(sheetGrams(80, 210, 297)).toBeCloseTo(4.99, 2))
  it('works out uptake', () => expect(uptakePercent({ dryGrams: 20, dampGrams: 31 })).toBeCloseTo(55, 9))
  it('refuses a sheet that lost weight in the bath, at its field', () =>
    expect(uptakeInput.safeParse({ dryGrams: 20, dampGrams: 19 }).error!.issues[0].path).toEqual([
      'dampGrams',
    ]))
  it('a pack of ten has eleven interleaves and the water the sheets take up', () => {
    expect(
      planDampPack({ sheets: 10, widthMm: 1000, heightMm: 1000, gsm: 250, targetUptakePercent: 60 }),
    ).toEqual({ waterMl: 1500, interleaves: 11 })
  })
})
