import { z } from 'zod'

/** What people look at on a proof, and the words for too little (−1) and too much (+1); 0 is as wanted. */
export const FEATURES = {
  /** the first test of a weak line: what the pull left in the plate */
  plate: { label: 'Plate after the pull', less: 'lines empty', more: 'ink left in the lines' },
  line: { label: 'Line strength', less: 'weak', more: 'filled in' },
  emboss: { label: 'Plate mark', less: 'shallow', more: 'cutting the paper' },
  /** what lies on the surface between the lines, apart from what stands in them */
  tone: { label: 'Plate tone', less: 'too little', more: 'too much' },
  evenness: { label: 'Left to right', less: 'pale at the left', more: 'pale at the right' },
  edges: { label: 'Plate edges', less: 'over-wiped', more: 'dirty' },
  sharpness: { label: 'Sharpness', less: 'doubled to one side', more: 'drawn out along the travel' },
  register: { label: 'Register', less: 'shifted', more: 'skewed' },
  colour: { label: 'Colour', less: 'too weak', more: 'too strong' },
  dampness: { label: 'Dampness', less: 'too dry', more: 'too wet' },
  whites: { label: 'Whites and margins', less: 'finger marks', more: 'a grey veil' },
  texture: { label: 'Texture', less: 'a screen on this sheet', more: 'a weave all over' },
  marks: { label: 'Spots', less: 'missing ink', more: 'dirt' },
} as const
export type Feature = keyof typeof FEATURES
export const FEATURE_KEYS = Object.keys(FEATURES) as [Feature, ...Feature[]]

/** How far a feature is from what is wanted. */
export type FeatureValue = -1 | 0 | 1
/** Features that were judged; those left out are as wanted. */
export const featuresSchema = z.partialRecord(
  z.enum(FEATURE_KEYS),
  z.union([z.literal(-1), z.literal(0), z.literal(1)]),
)
export type Features = z.infer<typeof featuresSchema>

/** A feature's value in words: "Line strength: grey". */
export function featureWords(feature: Feature, value: FeatureValue): string {
  const { label, less, more } = FEATURES[feature]
  const strays = value < 0 ? less : more
  return `${label}: ${value === 0 ? 'as wanted' : strays}`
}

/** What is wrong of a judged proof. */
export const complaintsOf = (features: Features): [Feature, -1 | 1][] =>
  FEATURE_KEYS.flatMap((feature): [Feature, -1 | 1][] =>
    features[feature] ? [[feature, features[feature]]] : [],
  )

/** What is asked of a print that is lighter or darker than wanted and of which nobody said where: film and lines have other remedies. */
export function filmOrLines(seen: 'lighter' | 'same' | 'darker' | null, features: Features): string | null {
  if (seen === null || seen === 'same') return null
  if (features.tone || features.line || features.colour || features.plate) return null
  return `${seen === 'darker' ? 'Darker' : 'Lighter'}: the film between the lines, or the lines themselves? Their remedies differ.`
}

/** How a feature may differ from the BAT and still pass: toward too little, too much, or both. A feature left out must be as the BAT. */
export const PASSES = { less: 'a little less', more: 'a little more', both: 'either way' } as const
export type Pass = keyof typeof PASSES
export const passesSchema = z.partialRecord(
  z.enum(FEATURE_KEYS),
  z.enum(Object.keys(PASSES) as [Pass, ...Pass[]]),
)
export type Passes = z.infer<typeof passesSchema>

/** Judged features that do not pass. */
export const outsidePasses = (features: Features, passes: Passes): [Feature, -1 | 1][] =>
  complaintsOf(features).filter(
    ([feature, value]) => passes[feature] !== 'both' && passes[feature] !== (value < 0 ? 'less' : 'more'),
  )
