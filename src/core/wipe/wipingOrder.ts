import { z } from 'zod'
import { count, nonNegative } from '../units/schemas'

/** What wipes: in the order most shops reach for it. */
export const WIPE_MATERIALS = {
  card: 'Card or squeegee',
  tarlatan: 'Tarlatan',
  paper: 'Thin paper',
  rag: 'Small rag',
  hand: 'Heel of the hand',
  bud: 'Cotton bud',
  edges: 'Edges and back',
  fingers: 'Fingers clean',
} as const
export type WipeMaterial = keyof typeof WIPE_MATERIALS
export const CLEANLINESS = { dirty: 'dirty', medium: 'medium', clean: 'clean' } as const

export const wipeStepSchema = z.strictObject({
  material: z.enum(Object.keys(WIPE_MATERIALS) as [WipeMaterial, ...WipeMaterial[]]),
  cleanliness: z.enum(['dirty', 'medium', 'clean']),
  seconds: nonNegative.max(3600, { error: 'must be at most 3600 s' }),
  strokes: count.max(500, { error: 'must be at most 500' }),
})
export type WipeStep = z.infer<typeof wipeStepSchema>

export const PLATE_TONES = { bright: 'Bright (crisp white)', light: 'Light film', medium: 'Medium film', heavy: 'Heavy (mood)' } as const
export type PlateTone = keyof typeof PLATE_TONES

/** The wiping order: part of the settings. */
export const wipingOrderSchema = z.strictObject({
  steps: z.array(wipeStepSchema).min(1, { error: 'needs at least one step' }).max(30, { error: 'takes at most 30 steps' }),
  plateTone: z.enum(['bright', 'light', 'medium', 'heavy']),
})
export type WipingOrder = z.infer<typeof wipingOrderSchema>

const step = (material: WipeMaterial, cleanliness: WipeStep['cleanliness'], seconds: number, strokes = 0): WipeStep => ({ material, cleanliness, seconds, strokes })

/** Schools of wiping as starting points; durations are common practice, no source. */
export const WIPING_SCHOOLS: Record<string, { label: string; order: WipingOrder }> = {
  'three-stage': {
    label: 'Three-stage tarlatan, then hand',
    order: {
      steps: [step('card', 'dirty', 30), step('tarlatan', 'dirty', 60), step('tarlatan', 'medium', 60), step('tarlatan', 'clean', 45), step('hand', 'clean', 40, 20), step('edges', 'clean', 45), step('fingers', 'clean', 20)],
      plateTone: 'light',
    },
  },
  'paper-only': {
    label: 'Paper only, after the card',
    order: { steps: [step('card', 'dirty', 30), step('paper', 'medium', 60), step('paper', 'clean', 75), step('edges', 'clean', 45), step('fingers', 'clean', 20)], plateTone: 'bright' },
  },
  'tarlatan-tone': {
    label: 'Tarlatan only, tone left',
    order: { steps: [step('card', 'dirty', 30), step('tarlatan', 'dirty', 60), step('tarlatan', 'medium', 60), step('edges', 'clean', 45), step('fingers', 'clean', 20)], plateTone: 'medium' },
  },
  'small-rags': {
    label: 'Small rags, à la poupée',
    order: { steps: [step('rag', 'dirty', 90), step('rag', 'medium', 90), step('rag', 'clean', 90), step('bud', 'clean', 40), step('edges', 'clean', 45), step('fingers', 'clean', 20)], plateTone: 'light' },
  },
}

/** Planned seconds of the whole order. */
export function wipingSeconds({ steps }: Pick<WipingOrder, 'steps'>): number {
  return steps.reduce((sum, { seconds }) => sum + seconds, 0)
}

/** A step as one says it: "tarlatan, medium". Edges and fingers are always clean, so that goes unsaid. */
export function describeWipeStep({ material, cleanliness }: Pick<WipeStep, 'material' | 'cleanliness'>): string {
  return material === 'edges' || material === 'fingers' || material === 'card' ? WIPE_MATERIALS[material] : `${WIPE_MATERIALS[material]}, ${cleanliness}`
}
