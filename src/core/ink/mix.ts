import { z } from 'zod'
import { labSchema } from '../colour/convertXyzToLab'
import { reflectanceSpectrum } from '../colour/spectrum'
import { finite, label, nonNegative, positive } from '../units/schemas'

/** What is stirred into a mix besides coloured ink. */
export const MODIFIERS = {
  'thin-oil': { label: 'Thin plate oil', unit: 'drops', effect: 'softens' },
  'thick-oil': { label: 'Thick plate oil', unit: 'drops', effect: 'adds pull, guards against over-wiping' },
  'tack-reducer': { label: 'Tack reducer', unit: 'grams', effect: 'shortens, wipes easier' },
  magnesium: { label: 'Magnesium carbonate', unit: 'grams', effect: 'stiffens' },
  drier: { label: 'Cobalt drier', unit: 'drops', effect: 'dries sooner' },
} as const
export type Modifier = keyof typeof MODIFIERS

/** An ink of the shelf, by id and name, with its parts. */
export const mixPartSchema = z.strictObject({
  inkId: label,
  name: label,
  parts: nonNegative.max(10_000, { error: 'must be at most 10000' }),
})
export const mixModifierSchema = z.strictObject({
  modifier: z.enum(Object.keys(MODIFIERS) as [Modifier, ...Modifier[]]),
  amount: nonNegative.max(1000, { error: 'must be at most 1000' }),
})

/** A colour to be met, with its spectrum where that is known. */
export const mixTargetSchema = z.strictObject({
  name: label,
  lab: labSchema,
  reflectance: reflectanceSpectrum.optional(),
})
export type MixTarget = z.infer<typeof mixTargetSchema>

/** The recipe card and how it is kept warm: part of the settings. */
export const mixSettingSchema = z
  .strictObject({
    name: label,
    /** Parts by volume, or weighed in grams; grams are taken as volume parts (equal density). */
    basis: z.enum(['volume', 'grams']),
    parts: z
      .array(mixPartSchema)
      .min(1, { error: 'needs at least one ink' })
      .max(12, { error: 'takes at most 12 inks' }),
    /** Ink worked up at a time; modifiers are counted into one such puddle. */
    puddleGrams: positive.max(1000, { error: 'must be at most 1000 g' }),
    modifiers: z.array(mixModifierSchema).max(Object.keys(MODIFIERS).length),
    batchGrams: positive.max(100_000, { error: 'must be at most 100000 g' }),
    gramsPerPull: positive.max(1000, { error: 'must be at most 1000 g' }),
    roomC: finite
      .min(-10, { error: 'must be within −10 and 50 °C' })
      .max(50, { error: 'must be within −10 and 50 °C' }),
    plateC: finite
      .min(-10, { error: 'must be within −10 and 90 °C' })
      .max(90, { error: 'must be within −10 and 90 °C' }),
    /** the recipe card it was mixed from, once it is on one, and whether the recipe was changed since */
    card: z.strictObject({ id: label, version: positive.int(), isChanged: z.boolean() }).optional(),
    /** the colour it was mixed toward */
    target: mixTargetSchema.optional(),
  })
  .superRefine(({ parts }, context) => {
    if (parts.length > 0 && !(parts.reduce((sum, part) => sum + part.parts, 0) > 0)) {
      context.addIssue({ code: 'custom', path: ['parts'], message: 'must add up to more than 0 parts' })
    }
  })
export type MixSetting = z.infer<typeof mixSettingSchema>

/** Grams of each ink for a batch, in the order of the card; they add up to the batch. */
export function recipeGrams(
  mix: Pick<MixSetting, 'parts' | 'batchGrams'>,
): { name: string; grams: number }[] {
  const total = mix.parts.reduce((sum, part) => sum + part.parts, 0)
  return mix.parts.map(({ name, parts }) => ({
    name,
    grams: total > 0 ? (parts / total) * mix.batchGrams : 0,
  }))
}

/** The count of one modifier in a mix, 0 when it is not there. */
export function modifierAmount(mix: Pick<MixSetting, 'modifiers'>, modifier: Modifier): number {
  return mix.modifiers.find((entry) => entry.modifier === modifier)?.amount ?? 0
}
