import { moved } from '../units/moved'
import { z } from 'zod'
import { label, nonNegative, remark } from '../units/schemas'
import { HAZARDS, type Hazard } from './hazards'
import { makingMethodSchema } from './makingMethod'
import { METALS, MORDANTS } from './mordants'

/** One step of making a plate. */
export const procedureStepSchema = z.strictObject({
  id: label,
  title: label,
  how: remark,
  needs: z.array(label).max(20),
  /** usual time by the clock, minutes; 0: as long as it takes */
  minutes: nonNegative.max(1440, { error: 'must be at most 1440 min' }),
  /** what to look at or feel before going on; empty: nothing */
  check: remark,
  /** what to do when the check fails, each a way out of its own */
  rescues: z.array(remark).max(8),
  hazard: z.enum(Object.keys(HAZARDS) as [Hazard, ...Hazard[]]).nullable(),
})
export type ProcedureStep = z.infer<typeof procedureStepSchema>

/** What a bitten plate's image is made with. */
export const IMAGES = {
  'hard-ground': 'Drawn through a hard ground',
  'soft-ground': 'Pressed into a soft ground',
  'toner-solvent': 'Laser toner moved by solvent',
  'toner-heat': 'Laser toner from release paper by heat',
  paint: 'Painted with stop-out',
} as const
/** What gives it tone. */
export const TONES_MADE = {
  none: 'None: line only',
  aquatint: 'Rosin aquatint',
  spray: 'Sprayed resist',
  sandpaper: 'Sandpaper pressed through a ground',
  'open-bite': 'Open bite',
} as const
/** What is done once it is bitten. */
export const FINISHES = {
  none: 'None',
  burnish: 'Lights burnished',
  facing: 'Faced with steel',
} as const
const keysOf = <K extends string>(words: Record<K, string>) => Object.keys(words) as [K, ...K[]]

/** The parts a way of making is put together from. */
export const procedurePartsSchema = z.strictObject({
  image: z.enum(keysOf(IMAGES)),
  tone: z.enum(keysOf(TONES_MADE)),
  metal: z.enum(keysOf(METALS)),
  mordant: z.enum(keysOf(MORDANTS)),
  finish: z.enum(keysOf(FINISHES)),
})
export type ProcedureParts = z.infer<typeof procedurePartsSchema>

/** A way of making a plate, step by step: one that comes with the tool, or a workshop's own variant. */
export const procedureSchema = z
  .strictObject({
    name: label,
    method: makingMethodSchema,
    /** what it was put together from; left out: it is one of a method as it comes */
    parts: procedurePartsSchema.optional(),
    steps: z
      .array(procedureStepSchema)
      .min(1, { error: 'needs at least one step' })
      .max(60, { error: 'takes at most 60 steps' }),
  })
  .superRefine(({ steps }, context) => {
    steps.forEach(
      ({ id }, i) =>
        steps.findIndex((step) => step.id === id) < i &&
        context.addIssue({ code: 'custom', path: ['steps', i, 'id'], message: 'is there twice' }),
    )
  })
export type Procedure = z.infer<typeof procedureSchema>

/** Everything a procedure needs, each once, in the order it is first wanted. */
export function materialsOf({ steps }: Pick<Procedure, 'steps'>): string[] {
  return [...new Set(steps.flatMap(({ needs }) => needs))]
}

/** A step moved to another place; out of range nothing changes. */
export function moveStep(procedure: Procedure, from: number, to: number): Procedure {
  if (to < 0 || to >= procedure.steps.length) return procedure
  return { ...procedure, steps: moved(procedure.steps, from, to) }
}
