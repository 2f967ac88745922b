import { z } from 'zod'
import { finite, label, positive } from '../units/schemas'

/** How a kind of plate was made, and the pulls it usually stands [common practice, no source]. */
export const PLATE_KINDS = {
  'plastic-drypoint': { label: 'Plastic or acrylic, drypoint', stands: [10, 20] },
  'card-drypoint': { label: 'Coated card, drypoint', stands: [5, 15] },
  'carton-laminate': { label: 'Carton laminate', stands: [5, 10] },
  'copper-drypoint': { label: 'Copper, drypoint', stands: [10, 50] },
  'copper-etched': { label: 'Copper, etched', stands: [300, 800] },
  'zinc-etched': { label: 'Zinc, etched', stands: [150, 400] },
  'aluminium-etched': { label: 'Aluminium, etched', stands: [40, 100] },
  mezzotint: { label: 'Mezzotint', stands: [30, 100] },
  photopolymer: { label: 'Photopolymer', stands: [200, 600] },
} as const satisfies Record<string, { label: string; stands: readonly [number, number] }>

export type PlateKind = keyof typeof PLATE_KINDS
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
