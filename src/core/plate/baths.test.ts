import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { bathInput, depthFromLoss, makeBath, metalDisplaced, metalOfPlate, MOLAR_MASS } from './bath'
import { baumeInput, convertBaume, dilutionWater } from './baume'

describe('saline sulphate baths', () => {
  it('weigh out as the usual recipe for half a litre (common practice, no source)', () => {
    expect(makeBath({ volumeMl: 500, recipe: 'saline-sulphate-aluminium' })).toMatchObject({
      copperSulphateGrams: 50,
      saltGrams: 100,
      bisulphateGrams: 10,
    })
    expect(makeBath({ volumeMl: 1000, recipe: 'saline-sulphate-zinc' })).toMatchObject({
      copperSulphateGrams: 75,
      saltGrams: 75,
      bisulphateGrams: 0,
    })
  })
  it('have the molar mass of the pentahydrate, 249.68 g/mol (IUPAC atomic weights)', () => {
    expect(MOLAR_MASS.copperSulphatePentahydrate).toBeCloseTo(249.68, 2)
    expect(makeBath({ volumeMl: 500, recipe: 'saline-sulphate-aluminium' }).copperMolar).toBeCloseTo(
      0.4005,
      4,
    )
  })
  it('displace by stoichiometry: 50 g take up 3.60 g of aluminium or 13.09 g of zinc (worked by hand)', () => {
    // 50/249.68 = 0.20026 mol Cu; × 2/3 × 26.982 = 3.602 g Al; × 65.38 = 13.093 g Zn
    expect(metalDisplaced(50, 'aluminium')).toBeCloseTo(3.602, 3)
    expect(metalDisplaced(50, 'zinc')).toBeCloseTo(13.093, 3)
  })
  it('scale with the volume (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 5000, noNaN: true }), (volumeMl) => {
        const [one, two] = [
          makeBath({ volumeMl, recipe: 'saline-sulphate-zinc' }),
          makeBath({ volumeMl: 2 * volumeMl, recipe: 'saline-sulphate-zinc' }),
        ]
        expect(two.metalCapacityGrams).toBeCloseTo(2 * one.metalCapacityGrams, 9)
        expect(two.copperMolar).toBe(one.copperMolar)
      }),
    )
  })
  it('account for a plate both ways: what it gives, and how deep it was bitten', () => {
    const plate = { openAreaCm2: 60, metal: 'aluminium' as const }
    expect(metalOfPlate({ ...plate, depthMicrometres: 100 })).toBeCloseTo(60 * 0.01 * 2.7, 9)
    expect(depthFromLoss({ ...plate, lossGrams: 1.62 })).toBeCloseTo(100, 9)
  })
  it.each([
    [{ volumeMl: 0, recipe: 'saline-sulphate-zinc' }, 'volumeMl'],
    [{ volumeMl: 5, recipe: 'vinegar' }, 'recipe'],
    [{ volumeMl: Number.NaN, recipe: 'saline-sulphate-zinc' }, 'volumeMl'],
  ])('refuse %j', (input, field) => {
    expect(bathInput.safeParse(input).error!.issues[0].path).toEqual([field])
  })
})

describe('degrees Baumé', () => {
  it.each([
    [0, 1],
    [10, 1.0741],
    [20, 1.16],
    [30, 1.2609],
    [36, 1.3303],
    [42, 1.4078],
    [50, 1.5263],
    [60, 1.7059],
    [66, 1.8354],
  ])('%i °Bé is SG %f (NIST table of the heavy scale)', (degrees, specificGravity) => {
    expect(convertBaume({ degrees }).specificGravity).toBeCloseTo(specificGravity, 4)
    expect(convertBaume({ specificGravity }).degrees).toBeCloseTo(degrees, 1)
  })
  it('go there and back (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 100, noNaN: true }), (degrees) => {
        const { specificGravity } = convertBaume({ degrees })
        expect(convertBaume({ specificGravity }).degrees).toBeCloseTo(degrees, 9)
      }),
    )
  })
  it('thin out by water whose mass adds up', () => {
    const water = dilutionWater({ volumeMl: 1000, fromDegrees: 42, toDegrees: 30 })!
    const [from, to] = [42, 30].map((degrees) => convertBaume({ degrees }).specificGravity)
    expect(1000 * from + water).toBeCloseTo((1000 + water) * to, 6)
    expect(dilutionWater({ volumeMl: 1000, fromDegrees: 30, toDegrees: 42 })).toBeNull()
  })
  it.each([
    [{}],
    [{ degrees: 10, specificGravity: 1.1 }],
    [{ degrees: -1 }],
    [{ degrees: 145 }],
    [{ specificGravity: 0.9 }],
  ])('refuse %j', (input) => expect(baumeInput.safeParse(input).success).toBe(false))
})
