import { z } from 'zod'
import { labSchema } from '../colour/convertXyzToLab'
import { reflectanceSpectrum } from '../colour/spectrum'
import { finite, label, nonNegative, positive } from '../units/schemas'
import { inTradeWords } from '../units/tradeWords'

/** What everything that depends on a modifier asks: a new one says all of it. */
interface ModifierFacts {
  label: string
  unit: 'drops' | 'grams'
  effect: string
  /**
   * its part in the mixing rule of stiffness: its viscosity at 20 °C, Pa·s; `measured` where the workshop drips its own; null for solids
   * and for what is too little to count, which do not follow the rule
   */
  viscosityPas: number | 'measured' | null
}

/** What is stirred into a mix besides coloured ink; viscosities of heavy oil (the strong grade) and tack reducer from memory. */
export const MODIFIERS = {
  'thin-oil': {
    get label() {
      return inTradeWords('Light copperplate oil')
    },
    unit: 'drops',
    effect: 'softens',
    viscosityPas: 'measured',
  },
  'thick-oil': {
    get label() {
      return inTradeWords('Heavy copperplate oil')
    },
    unit: 'drops',
    effect: 'adds tack, guards against over-wiping',
    viscosityPas: 20,
  },
  'tack-reducer': { label: 'Tack reducer', unit: 'grams', effect: 'shortens, wipes easier', viscosityPas: 4 },
  magnesium: { label: 'Magnesium carbonate', unit: 'grams', effect: 'stiffens', viscosityPas: null },
  drier: { label: 'Cobalt drier', unit: 'drops', effect: 'dries sooner', viscosityPas: null },
} as const satisfies Record<string, ModifierFacts>
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

const mixShape = z.strictObject({
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

const partsAddUp = ({ parts }: z.infer<typeof mixShape>, context: z.RefinementCtx) => {
  if (parts.length > 0 && !(parts.reduce((sum, part) => sum + part.parts, 0) > 0))
    context.addIssue({ code: 'custom', path: ['parts'], message: 'must add up to more than 0 parts' })
}

/** A mix as its recipe card says it, and how it is kept warm. */
export const mixSettingSchema = mixShape.superRefine(partsAddUp)
export type MixSetting = z.infer<typeof mixSettingSchema>

/** Id of the mix of a run that has one. */
export const FIRST_MIX = 'mix-1'
/** Most inks on one plate. */
export const MOST_MIXES = 12

const ragNumber = positive.int({ error: 'must be a whole number' }).max(999)
const allDiffer = (values: readonly unknown[]) => new Set(values).size === values.length

/**
 * The inks of a run: part of the settings. Each mix has an id that stays its own, whatever it is called, and the number of its dab and its
 * rag, so that look-alike inks do not cross.
 */
export const inkSettingSchema = z.strictObject({
  mixes: z
    .array(mixShape.extend({ id: label, rag: ragNumber.default(1) }).superRefine(partsAddUp))
    .min(1, { error: 'needs at least one mix' })
    .max(MOST_MIXES, { error: `takes at most ${MOST_MIXES} mixes` })
    .refine((mixes) => allDiffer(mixes.map(({ id }) => id)), { error: 'two mixes have the same id' })
    .refine((mixes) => allDiffer(mixes.map(({ rag }) => rag)), { error: 'two mixes have the same rag' }),
  /** the highest number a rag was ever given here: a cloth keeps its number, and no other gets it; left out: those there are */
  ragsGiven: ragNumber.optional(),
})
export type InkSetting = z.infer<typeof inkSettingSchema>
/** A mix of a run, with its id. */
export type RunMix = InkSetting['mixes'][number]

/** The first mix of a run, which is its only one on most plates. */
export function firstMix(ink: InkSetting): RunMix
export function firstMix(ink: InkSetting | null | undefined): RunMix | null
export function firstMix(ink: InkSetting | null | undefined): RunMix | null {
  return ink?.mixes[0] ?? null
}

/** The inks of a run that has one mix. */
export const inkOf = (mix: MixSetting): InkSetting => ({ mixes: [{ id: FIRST_MIX, rag: 1, ...mix }] })

/** A run's mix as its card says it: without what ties it to its run. */
export const recipeOf = ({ id: _, rag: __, ...recipe }: RunMix): MixSetting => recipe

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
