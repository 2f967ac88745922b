import { hasName, isNamedBefore } from '../units/byName'
import { z } from 'zod'
import { labSchema } from '../colour/convertXyzToLab'
import { compareUnderLights } from '../colour/metamerism'
import { reflectanceSpectrum } from '../colour/spectrum'
import { finite, label, positive } from '../units/schemas'
import { FilmView } from './filmView'
import { mixCoefficients, predictInk, spectralInkSchema, type SpectralInk } from './predictInk'
import { searchMixes } from './searchMixes'
import { geometrySchema, surfaceSchema } from './surface'

/** Recipes returned, nearest first. */
export const RECIPES = 10
/** Least share of an ink in a recipe: less than this nobody can weigh out. */
export const LEAST_SHARE = 0.005

/** Least share of an ink that must be used: a pinch would not use it up. */
const LEAST_FORCED_SHARE = 0.05

const distinct = (inks: readonly { name: string }[], context: z.RefinementCtx) =>
  inks.forEach(
    ({ name }, i) =>
      isNamedBefore(inks, i) &&
      context.addIssue({ code: 'custom', path: ['inks', i, 'name'], message: `${name} is there twice` }),
  )

/** What is matched with, toward what, and over what. */
export const matchShape = z.strictObject({
  target: labSchema,
  /** spectrum of the target, where it is known: recipes then say how they part in other lights */
  targetReflectance: reflectanceSpectrum.optional(),
  inks: z
    .array(spectralInkSchema)
    .min(1, { error: 'expected at least one ink' })
    .max(120, { error: 'takes at most 120 inks' }),
  maxInks: finite
    .int({ error: 'must be a whole number' })
    .min(1, { error: 'must be 1 or more' })
    .max(6, { error: 'must be at most 6' }),
  filmMicrometres: positive,
  paper: reflectanceSpectrum,
  surface: surfaceSchema,
  geometry: geometrySchema.default('di:8'),
})
export const matchInkInput = matchShape
  .extend({
    /** names of inks that every recipe must use, such as leftovers */
    mustUse: z.array(label).default([]),
  })
  .superRefine(({ inks, mustUse, maxInks }, context) => {
    distinct(inks, context)
    mustUse.forEach(
      (name, i) =>
        hasName(inks, name) ||
        context.addIssue({ code: 'custom', path: ['mustUse', i], message: `${name} is not among the inks` }),
    )
    if (mustUse.length > maxInks)
      context.addIssue({
        code: 'custom',
        path: ['mustUse'],
        message: `are ${mustUse.length}, and ${maxInks} inks are allowed`,
      })
  })
export type MatchInkInput = z.input<typeof matchInkInput>

const lightsSchema = z.strictObject({ d50: finite, d65: finite, a: finite })
export const matchInkOutput = z.strictObject({
  recipes: z.array(
    z.strictObject({
      parts: z.array(z.strictObject({ name: label, fraction: finite })),
      deltaE00: finite,
      lab: labSchema,
      contrastRatio: finite,
      /** ΔE00 against the target's spectrum in three lights */
      metamerism: lightsSchema.optional(),
    }),
  ),
})
export type MatchedRecipe = z.infer<typeof matchInkOutput>['recipes'][number]

/**
 * Recipes from the inks given that come nearest to a colour at one film thickness, ranked by ΔE00: every combination of up to
 * `maxInks` inks (beyond three, grown from the best threes). Fractions are by volume and sum to 1.
 *
 * @param onProgress told how much is done, 0 to 1; answering false gives up
 * @returns at most ten recipes, nearest first; null when told to give up
 */
export function matchInk(
  input: MatchInkInput,
  onProgress?: (done: number) => boolean,
): z.infer<typeof matchInkOutput> | null {
  const {
    target,
    targetReflectance,
    inks,
    maxInks,
    filmMicrometres,
    paper,
    surface,
    geometry = 'di:8',
    mustUse = [],
  } = input
  const view = new FilmView({ filmMicrometres, paper, surface, geometry })
  const isForced = ({ name }: { name: string }) => mustUse.includes(name)
  const [forced, free] = [inks.filter(isForced), inks.filter((ink) => !isForced(ink))]
  const component = (least: number) => (ink: SpectralInk) => ({ k: ink.k, s: ink.s, least })
  const search = searchMixes({
    offer: free.map(component(LEAST_SHARE)),
    always: forced.map(component(LEAST_FORCED_SHARE)),
    target,
    view,
    most: maxInks - forced.length,
    onProgress,
  })
  if (!search) return null
  return {
    recipes: search.found.slice(0, RECIPES).map(({ indices, shares, deltaE00 }) => {
      const used = [...forced, ...indices.map((i) => free[i])]
      const { k, s } = mixCoefficients(used, shares)
      const { lab, contrastRatio } = predictInk({
        inks: [{ name: 'mix', k, s }],
        parts: [1],
        filmMicrometres,
        paper,
        surface,
        geometry,
      })
      const metamerism = targetReflectance
        ? compareUnderLights(targetReflectance, view.reflect(k, s))
        : undefined
      const parts = used
        .map(({ name }, i) => ({ name, fraction: shares[i] }))
        .sort((a, b) => b.fraction - a.fraction)
      return { parts, deltaE00, lab, contrastRatio, ...(metamerism ? { metamerism } : {}) }
    }),
  }
}
