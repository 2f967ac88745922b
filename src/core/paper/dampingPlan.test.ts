import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  besideBat,
  dampGrams,
  dryGramsAt,
  packUptake,
  planDamping,
  SPRAY_ML,
  standardGramsOf,
} from './dampingPlan'
import { DAMPING_METHODS, planDampPack, type DampingMethod } from './dampPaper'

const at = '2031-05-02T09:00:00.000Z'
const plan = (method: DampingMethod, sheets = 14) =>
  planDamping({ method, sheets, standardGrams: 22.5, targetUptakePercent: 55, at })

describe('damping, planned', () => {
  it('worked by hand: 14 sheets of 22.5 g to 55 % take 173.25 ml, 145 squeezes', () => {
    expect(plan('spray').waterMl).toBeCloseTo(173.25, 9)
    expect(plan('spray').sprays).toBe(145)
  })
  it('n sheets lie between n + 1 interleaves where they are interleaved', () => {
    expect(plan('damp-pack').interleaves).toBe(15)
    expect(plan('soak').interleaves).toBe(0)
  })
  it('says what the interleaves hold beside the sheets: 15 newsprints of 3.6 g take their own weight', () => {
    const wanted = { sheets: 14, standardGrams: 22.5, targetUptakePercent: 55, at, gsm: 300 }
    // 22.5 g at 300 g/m² is 0.075 m²: newsprint of 48 g/m² weighs 3.6 g, 15 of them 54 g.
    const pack = planDamping({ ...wanted, method: 'damp-pack' })
    expect(pack.interleaved).toEqual({ called: 'newsprint', waterMl: expect.closeTo(54, 9) as number })
    expect(pack.waterMl).toBeCloseTo(173.25, 9)
    expect(planDamping({ ...wanted, method: 'blotters' }).interleaved!.called).toBe('blotters')
    expect(planDamping({ ...wanted, method: 'soak' }).interleaved).toBeNull()
    expect(plan('damp-pack').interleaved).toBeNull()
  })
  it('takes the water the damp pack takes (property)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 80 }),
        fc.integer({ min: 1, max: 120 }),
        (sheets, targetUptakePercent) => {
          const pack = planDampPack({ sheets, widthMm: 300, heightMm: 250, gsm: 300, targetUptakePercent })
          expect(
            planDamping({ method: 'damp-pack', sheets, standardGrams: 22.5, targetUptakePercent, at }),
          ).toMatchObject({
            waterMl: expect.closeTo(pack.waterMl, 6) as number,
            interleaves: pack.interleaves,
          })
        },
      ),
    )
  })
  it.each(Object.keys(DAMPING_METHODS) as DampingMethod[])(
    '%s: good no sooner than it is even, and squeezes cover the water',
    (method) => {
      const { goodFrom, goodUntil, waterMl, sprays } = plan(method)
      expect(goodFrom >= at && goodUntil >= goodFrom).toBe(true)
      expect(sprays * SPRAY_ML).toBeGreaterThanOrEqual(waterMl)
    },
  )
  it('only what lies for days is looked at for mould, from the third', () => {
    expect(plan('damp-pack').lookForMouldFrom).toBe('2031-05-05T09:00:00.000Z')
    expect(plan('dip').lookForMouldFrom).toBeNull()
  })
})

describe('on a humid morning', () => {
  const wanted = { method: 'spray', sheets: 10, standardGrams: 22.5, targetUptakePercent: 55, at } as const
  it('a damp sheet weighs what it weighs on a dry one, and less water is added', () => {
    // 22.5 g at standard air is 22.815 g at 70 %: to 34.875 g it lacks 12.06 g and not 12.375 g.
    const humid = planDamping({ ...wanted, todayGrams: dryGramsAt(22.5, 70) })
    expect(humid.waterMl).toBeCloseTo(120.6, 6)
    expect(dampGrams(22.5, 55)).toBeCloseTo(34.875, 9)
    expect(standardGramsOf(dryGramsAt(22.5, 70), 70)).toBeCloseTo(22.5, 9)
  })
  it('the window follows the minutes that were set', () => {
    expect(planDamping({ ...wanted, method: 'soak', minutes: 90 }).goodFrom).toBe('2031-05-02T10:30:00.000Z')
    expect(planDamping({ ...wanted, method: 'soak' }).goodFrom).toBe('2031-05-02T09:30:00.000Z')
  })
})

describe('weighed', () => {
  it('a damp room makes the dry sheet heavier: 20 g at 70 % are 20.28 g', () => {
    expect(dryGramsAt(20, 70)).toBeCloseTo(20.28, 9)
    expect(dryGramsAt(20, 50)).toBe(20)
  })
  it('a whole pack gives the mean of its sheets, by hand: 600 g less 120 g of interleaves, ten dry sheets of 30 g: 60 %', () => {
    expect(packUptake({ packGrams: 600, interleavesGrams: 120, sheets: 10, dryGrams: 30 })).toBeCloseTo(60, 9)
    expect(packUptake({ packGrams: 400, interleavesGrams: 120, sheets: 10, dryGrams: 30 })).toBeNull()
  })
  it('beside the BAT: six points wetter is blotted again', () => {
    expect(besideBat(61, 55, 5)).toBe('6 points wetter than the BAT’s: blot again')
    expect(besideBat(48, 55, 5)).toBe('7 points drier than the BAT’s: back to the water')
    expect(besideBat(57, 55, 5)).toBe('as the BAT’s sheet')
  })
})
