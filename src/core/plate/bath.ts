import { z } from 'zod'
import { finite, positive } from '../units/schemas'
import { METAL_DENSITY, type Metal } from './mordants'

/** Molar masses, g/mol (IUPAC standard atomic weights, abridged: Cu 63.546, S 32.06, O 15.999, H 1.008, Al 26.982, Zn 65.38). */
export const MOLAR_MASS = {
  copperSulphatePentahydrate: 63.546 + 32.06 + 9 * 15.999 + 10 * 1.008,
  copper: 63.546,
  aluminium: 26.982,
  zinc: 65.38,
  salt: 22.99 + 35.45,
} as const

/** Metals bitten by copper sulphate, with moles of metal that one mole of copper displaces: 2 Al + 3 Cu²⁺, Zn + Cu²⁺. */
export const BITTEN_METALS = {
  aluminium: { molesPerCopper: 2 / 3, molarMass: MOLAR_MASS.aluminium },
  zinc: { molesPerCopper: 1, molarMass: MOLAR_MASS.zinc },
} as const

/** Grams a litre of each salt [common practice, no source]. */
export const BATH_RECIPES = {
  'saline-sulphate-aluminium': {
    label: 'Aluminium: saline sulphate',
    metal: 'aluminium',
    copperSulphate: 100,
    salt: 200,
    bisulphate: 20,
  },
  'saline-sulphate-zinc': {
    label: 'Zinc: saline sulphate',
    metal: 'zinc',
    copperSulphate: 75,
    salt: 75,
    bisulphate: 0,
  },
} as const
export type BathRecipe = keyof typeof BATH_RECIPES

export const bathInput = z.strictObject({
  volumeMl: positive.max(1_000_000, { error: 'must be at most 1000000 ml' }),
  recipe: z.enum(Object.keys(BATH_RECIPES) as [BathRecipe, ...BathRecipe[]], {
    error: `expected ${Object.keys(BATH_RECIPES).join(' or ')}`,
  }),
})
export const bathOutput = z.strictObject({
  copperSulphateGrams: finite,
  saltGrams: finite,
  bisulphateGrams: finite,
  metalCapacityGrams: finite,
  /** amount of copper ions, mol/l */
  copperMolar: finite,
})

/** Grams of metal that so much copper sulphate pentahydrate displaces, by stoichiometry alone. */
export function metalDisplaced(copperSulphateGrams: number, metal: keyof typeof BITTEN_METALS): number {
  const { molesPerCopper, molarMass } = BITTEN_METALS[metal]
  return (copperSulphateGrams / MOLAR_MASS.copperSulphatePentahydrate) * molesPerCopper * molarMass
}

/**
 * A saline sulphate bath for a volume. Capacity is nominal: copper displacement alone, while aluminium also dissolves with hydrogen.
 *
 * @example makeBath({ volumeMl: 500, recipe: 'saline-sulphate-aluminium' }) // 50 g, 100 g, 10 g; 3.6 g of aluminium
 */
export function makeBath({ volumeMl, recipe }: z.infer<typeof bathInput>): z.infer<typeof bathOutput> {
  const { metal, copperSulphate, salt, bisulphate } = BATH_RECIPES[recipe]
  const litres = volumeMl / 1000
  const copperSulphateGrams = copperSulphate * litres
  return {
    copperSulphateGrams,
    saltGrams: salt * litres,
    bisulphateGrams: bisulphate * litres,
    metalCapacityGrams: metalDisplaced(copperSulphateGrams, metal),
    copperMolar: copperSulphate / MOLAR_MASS.copperSulphatePentahydrate,
  }
}

/** Metal one plate gives to the bath, grams: open area × depth × density; area in cm², depth in µm. */
export function metalOfPlate({
  openAreaCm2,
  depthMicrometres,
  metal,
}: {
  openAreaCm2: number
  depthMicrometres: number
  metal: Metal
}): number {
  return openAreaCm2 * depthMicrometres * 1e-4 * METAL_DENSITY[metal]
}

/** Mean depth from the plate's weight before and after, µm: loss ÷ (density × open area). Clear the copper sludge first. */
export function depthFromLoss({
  lossGrams,
  openAreaCm2,
  metal,
}: {
  lossGrams: number
  openAreaCm2: number
  metal: Metal
}): number {
  return (lossGrams / (METAL_DENSITY[metal] * openAreaCm2)) * 1e4
}
