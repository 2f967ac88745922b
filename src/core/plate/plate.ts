import { z } from 'zod'
import { count, finite, label, positive } from '../units/schemas'
import { surfaceSettingSchema } from './surfaceSetting'

/** What everything that depends on a plate's kind asks: a new kind says all of it. */
interface PlateFacts {
  label: string
  /** pulls it usually stands; null: it does not wear */
  stands: readonly [low: number, high: number] | null
  /** how thick it usually is, mm: what one begins with until it is measured */
  usualMm: number
  metal: 'copper' | 'zinc' | 'aluminium' | 'steel' | null
  /** a hard edge cuts blankets where it is not bevelled */
  isHard: boolean
  /** a needle raised a burr, which holds ink beside the line and wears first */
  hasBurr: boolean
  /** steel takes to it: it is copper, or cut in copper */
  canBeFaced: boolean
  /** what is laid on it is hardened by light */
  isExposed: boolean
  /** the caution shown while it is made or reworked; null: nothing is cut, bitten or exposed */
  caution: 'blades' | 'bath' | 'uv' | null
}

const CUT = { canBeFaced: false, isExposed: false, caution: 'blades' } as const
const BITTEN = { isHard: true, hasBurr: false, isExposed: false, caution: 'bath' } as const

/** Kinds of plate by what they are made of and how, with what follows from it [common practice, no source]. */
export const PLATE_KINDS = {
  'plastic-drypoint': {
    label: 'Drypoint on plastic',
    stands: [10, 20],
    usualMm: 0.75,
    metal: null,
    isHard: true,
    hasBurr: true,
    ...CUT,
  },
  'card-drypoint': {
    label: 'Coated card, drypoint',
    stands: [5, 15],
    usualMm: 0.5,
    metal: null,
    isHard: false,
    hasBurr: true,
    ...CUT,
  },
  'carton-laminate': {
    label: 'Carton drypoint (drinks carton)',
    stands: [5, 10],
    usualMm: 0.4,
    metal: null,
    isHard: false,
    hasBurr: false,
    ...CUT,
  },
  'copper-drypoint': {
    label: 'Copper, drypoint',
    stands: [10, 50],
    usualMm: 1,
    metal: 'copper',
    isHard: true,
    hasBurr: true,
    ...CUT,
    canBeFaced: true,
  },
  'copper-etched': {
    label: 'Copper, etched',
    stands: [300, 800],
    usualMm: 1,
    metal: 'copper',
    ...BITTEN,
    canBeFaced: true,
  },
  'zinc-etched': {
    label: 'Zinc, etched',
    stands: [150, 400],
    usualMm: 1,
    metal: 'zinc',
    ...BITTEN,
    canBeFaced: false,
  },
  'aluminium-etched': {
    label: 'Aluminium, etched',
    stands: [40, 100],
    usualMm: 0.8,
    metal: 'aluminium',
    ...BITTEN,
    canBeFaced: false,
  },
  mezzotint: {
    label: 'Mezzotint',
    stands: [30, 100],
    usualMm: 1.5,
    metal: 'copper',
    isHard: true,
    hasBurr: false,
    ...CUT,
    canBeFaced: true,
  },
  photopolymer: {
    label: 'Photopolymer',
    stands: [200, 600],
    usualMm: 0.85,
    metal: 'steel',
    isHard: true,
    hasBurr: false,
    canBeFaced: false,
    isExposed: true,
    caution: 'uv',
  },
  slab: {
    label: 'Smooth slab, for monotypes',
    stands: null,
    usualMm: 3,
    metal: null,
    isHard: true,
    hasBurr: false,
    canBeFaced: false,
    isExposed: false,
    caution: null,
  },
} as const satisfies Record<string, PlateFacts>

export type PlateKind = keyof typeof PLATE_KINDS
/** How many pulls a kind usually stands, in words. @example standsWords('carton-laminate') // '5 to 10' */
export const standsWords = (kind: PlateKind): string =>
  PLATE_KINDS[kind].stands?.join(' to ') ?? 'does not wear'
export const plateKindSchema = z.enum(Object.keys(PLATE_KINDS) as [PlateKind, ...PlateKind[]])

/** The plate as it stands in a pull: part of the settings. */
export const plateSettingSchema = z.strictObject({
  name: label,
  kind: plateKindSchema,
  widthMm: positive.max(2000, { error: 'must be at most 2000 mm' }),
  heightMm: positive.max(2000, { error: 'must be at most 2000 mm' }),
  thicknessMm: positive.max(20, { error: 'must be at most 20 mm' }),
  bevelDegrees: finite
    .min(0, { error: 'must be within 0 and 80' })
    .max(80, { error: 'must be within 0 and 80' }),
  state: finite
    .int({ error: 'must be a whole number' })
    .min(1, { error: 'must be 1 or more' })
    .max(99, { error: 'must be at most 99' }),
  /** pulls it stands by what its maker says; null or left out: what is usual for its kind */
  standsAbout: count
    .min(1, { error: 'must be 1 or more' })
    .max(5000, { error: 'must be at most 5000' })
    .nullish(),
  /** rolled on its surface; null or left out: printed from its lines */
  surface: surfaceSettingSchema.nullish(),
})
export type PlateSetting = z.infer<typeof plateSettingSchema>

/** Plate states are written in Roman numerals: I, II, III … up to 3999. */
export function romanNumeral(n: number): string {
  const values = [1000, 900, 500, 400, 100, 90, 50, 40, 10, 9, 5, 4, 1]
  const glyphs = ['M', 'CM', 'D', 'CD', 'C', 'XC', 'L', 'XL', 'X', 'IX', 'V', 'IV', 'I']
  let left = n
  return values.reduce((text, value, i) => {
    const times = Math.floor(left / value)
    left -= times * value
    return text + glyphs[i].repeat(times)
  }, '')
}
