import { z } from 'zod'
import { finite, label, nonNegative, positive } from '../units/schemas'

/** Schools of damping. */
export const DAMPING_METHODS = {
  dip: { label: 'Quick dip', usualMinutes: 0.75 },
  soak: { label: 'Soak', usualMinutes: 30 },
  'rinse-bag': { label: 'Rinse and bag', usualMinutes: 60 },
  'damp-pack': { label: 'Damp pack', usualMinutes: 720 },
  blotters: { label: 'Between damp blotters', usualMinutes: 120 },
  spray: { label: 'Spray', usualMinutes: 15 },
  dry: { label: 'Dry', usualMinutes: 0 },
} as const
export type DampingMethod = keyof typeof DAMPING_METHODS

/** The sheet and how it is damped: part of the settings. */
export const paperSettingSchema = z.strictObject({
  paperId: label,
  name: label,
  gsm: positive.max(2000, { error: 'must be at most 2000 g/m²' }),
  caliperMm: positive.max(5, { error: 'must be at most 5 mm' }),
  sheetWidthMm: positive.max(3000, { error: 'must be at most 3000 mm' }),
  sheetHeightMm: positive.max(3000, { error: 'must be at most 3000 mm' }),
  grain: z.enum(['long', 'short', 'unknown']),
  method: z.enum(Object.keys(DAMPING_METHODS) as [DampingMethod, ...DampingMethod[]]),
  dampMinutes: nonNegative.max(10_080, { error: 'must be at most a week (10080 minutes)' }),
  targetUptakePercent: nonNegative.max(300, { error: 'must be at most 300 %' }),
})
export type PaperSetting = z.infer<typeof paperSettingSchema>

/** Air-dry mass of a sheet from its weight and size, grams; air-dry is 23 °C and 50 % RH (ISO 187). */
export function sheetGrams(gsm: number, widthMm: number, heightMm: number): number {
  return (gsm * widthMm * heightMm) / 1e6
}

export const uptakeInput = z
  .strictObject({ dryGrams: positive, dampGrams: positive })
  .refine(({ dryGrams, dampGrams }) => dampGrams >= dryGrams, {
    error: 'a damp sheet cannot weigh less than the dry one',
    path: ['dampGrams'],
  })

/**
 * Water a sheet has taken up, percent of its air-dry mass: (damp − dry) / dry.
 *
 * @example uptakePercent({ dryGrams: 20, dampGrams: 31 }) // 55
 */
export function uptakePercent({ dryGrams, dampGrams }: z.infer<typeof uptakeInput>): number {
  return (100 * (dampGrams - dryGrams)) / dryGrams
}

export const dampPackInput = z.strictObject({
  sheets: finite.int({ error: 'must be a whole number' }).min(1, { error: 'must be 1 or more' }),
  widthMm: positive,
  heightMm: positive,
  gsm: positive,
  targetUptakePercent: nonNegative,
})
export const dampPackOutput = z.strictObject({ waterMl: finite, interleaves: finite })

/**
 * Water for a damp pack, ml: what the sheets take up, interleaves excluded; n sheets lie between n + 1 interleaves.
 * One gram of water is taken as one millilitre.
 */
export function planDampPack({
  sheets,
  widthMm,
  heightMm,
  gsm,
  targetUptakePercent,
}: z.infer<typeof dampPackInput>): z.infer<typeof dampPackOutput> {
  return {
    waterMl: (sheets * sheetGrams(gsm, widthMm, heightMm) * targetUptakePercent) / 100,
    interleaves: sheets + 1,
  }
}
