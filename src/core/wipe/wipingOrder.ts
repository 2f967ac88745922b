import { z } from 'zod'
import { count, label, nonNegative } from '../units/schemas'
import { inTradeWords } from '../units/tradeWords'
import { PLATE_TONES, type PlateTone } from '../plate/plateTone'
import { CYCLE_ACTS, cycleStepSchema } from './inkingCycle'

/** What everything that depends on a wiping material asks: a new one says all of it. */
interface MaterialFacts {
  label: string
  /** never used dirty, so that its cleanliness goes unsaid */
  isAlwaysClean: boolean
  /** folded or bundled, which changes how it wipes */
  isBundled: boolean
  /** done one way only: direction and weight of the hand go unsaid */
  hasOneManner: boolean
}
const USUAL_MATERIAL = { isAlwaysClean: false, isBundled: false, hasOneManner: false } as const

/** What wipes: in the order most shops reach for it. */
export const WIPE_MATERIALS = {
  card: { label: 'Card or squeegee', ...USUAL_MATERIAL, isAlwaysClean: true },
  tarlatan: {
    get label() {
      return inTradeWords('Scrim')
    },
    ...USUAL_MATERIAL,
    isBundled: true,
  },
  paper: { label: 'Thin paper', ...USUAL_MATERIAL },
  rag: { label: 'Small rag', ...USUAL_MATERIAL, isBundled: true },
  hand: { label: 'Heel of the hand', ...USUAL_MATERIAL },
  talc: {
    get label() {
      return inTradeWords('Hand with French chalk')
    },
    ...USUAL_MATERIAL,
    isAlwaysClean: true,
  },
  bud: { label: 'Cotton bud', ...USUAL_MATERIAL },
  retroussage: { label: 'Retroussage, clean rag', ...USUAL_MATERIAL, isAlwaysClean: true },
  edges: { label: 'Edges and back', isAlwaysClean: true, isBundled: false, hasOneManner: true },
  newsprint: {
    label: 'Newsprint laid on and rolled',
    isAlwaysClean: true,
    isBundled: false,
    hasOneManner: true,
  },
  warm: { label: 'Warm again', isAlwaysClean: true, isBundled: false, hasOneManner: true },
  fingers: { label: 'Clean fingers', isAlwaysClean: true, isBundled: false, hasOneManner: true },
} as const satisfies Record<string, MaterialFacts>
export type WipeMaterial = keyof typeof WIPE_MATERIALS
export const CLEANLINESS = { dirty: 'dirty', medium: 'medium', clean: 'clean' } as const

/** How the bundle is held, which way it goes, and how hard: words, since no one wipes with a balance in the hand. */
export const BUNDLES = { smooth: 'smooth, no folds', loose: 'loose', finger: 'round a finger' } as const
export const DIRECTIONS = {
  across: 'across the lines',
  along: 'along the lines',
  round: 'in circles',
} as const
export const PRESSURES = { skim: 'skim', even: 'even', firm: 'firm' } as const
const oneOf = <K extends string>(words: Record<K, string>) => z.enum(Object.keys(words) as [K, ...K[]])

export const wipeStepSchema = z.strictObject({
  material: z.enum(Object.keys(WIPE_MATERIALS) as [WipeMaterial, ...WipeMaterial[]]),
  cleanliness: z.enum(['dirty', 'medium', 'clean']),
  seconds: nonNegative.max(3600, { error: 'must be at most 3600 s' }),
  strokes: count.max(500, { error: 'must be at most 500' }),
  bundle: oneOf(BUNDLES).default('smooth'),
  direction: oneOf(DIRECTIONS).default('across'),
  pressure: oneOf(PRESSURES).default('even'),
  /** name of the zone it is for; empty: the whole plate */
  zone: z.string().trim().max(120).default(''),
})
export type WipeStep = z.infer<typeof wipeStepSchema>

/** What brings the ink on, and where it is to stay. */
export const INKING_TOOLS = {
  card: 'Card',
  dolly: 'Dolly',
  brush: 'Brush',
  fingertip: 'Fingertip',
  roller: 'Roller',
} as const
export const INKED_PARTS = {
  lines: 'in the lines',
  surface: 'on the surface (relief or surface roll)',
  both: 'in the lines and on the surface',
} as const

/** One ink brought onto the plate. With several, dab and rag carry its number, so that look-alike inks do not cross. */
export const inkingStepSchema = z.strictObject({
  ink: label,
  /** id of the run's mix it is; null: an ink that is only named */
  mixId: label.nullable().default(null),
  tool: oneOf(INKING_TOOLS),
  where: oneOf(INKED_PARTS),
  /** names of the zones; none: the whole plate */
  zones: z.array(label).max(60),
  seconds: nonNegative.max(3600, { error: 'must be at most 3600 s' }),
  /** what is done with it before the next ink comes; none: the plate is wiped once they are all on */
  cycle: z.array(cycleStepSchema).max(6, { error: 'takes at most 6 acts' }).default([]),
})
export type InkingStep = z.infer<typeof inkingStepSchema>

/** The wiping order: part of the settings. */
export const wipingOrderSchema = z.strictObject({
  steps: z
    .array(wipeStepSchema)
    .min(1, { error: 'needs at least one step' })
    .max(30, { error: 'takes at most 30 steps' }),
  plateTone: z.enum(Object.keys(PLATE_TONES) as [PlateTone, ...PlateTone[]]),
  /** inks in the order they are brought on; none: the mix, by card, over the whole plate */
  inking: z.array(inkingStepSchema).max(12, { error: 'takes at most 12 inks' }).default([]),
  /** the zone map the order speaks of; null: none */
  zoneMapVersion: count.nullable().default(null),
})
export type WipingOrder = z.infer<typeof wipingOrderSchema>

/** Planned seconds of the wiping, without the inking. */
export function wipingSeconds({ steps }: Pick<WipingOrder, 'steps'>): number {
  return steps.reduce((sum, { seconds }) => sum + seconds, 0)
}

/** A step as one says it: "scrim, medium". Edges and fingers are always clean, so that goes unsaid. */
export function describeWipeStep({
  material,
  cleanliness,
  zone = '',
}: Pick<WipeStep, 'material' | 'cleanliness'> & { zone?: string }): string {
  const where = zone && ` on ${zone}`
  return WIPE_MATERIALS[material].isAlwaysClean
    ? WIPE_MATERIALS[material].label + where
    : `${WIPE_MATERIALS[material].label}, ${cleanliness}${where}`
}

/** Which step it is, without how it is done: what `describeWipeStep` says in words. */
export const stepCode = ({ material, cleanliness, zone }: WipeStep): readonly string[] =>
  WIPE_MATERIALS[material].isAlwaysClean ? [material, zone] : [material, cleanliness, zone]

/** How a step is done: what `howToWipe` says in words. */
export const mannerCode = ({
  material,
  bundle,
  direction,
  pressure,
  strokes,
}: WipeStep): readonly unknown[] =>
  WIPE_MATERIALS[material].hasOneManner
    ? []
    : [pressure, direction, strokes, ...(WIPE_MATERIALS[material].isBundled ? [bundle] : [])]

/** How a step is done, beneath its name: "skim, across the lines; 20 strokes". */
export function howToWipe({ material, bundle, direction, pressure, strokes }: WipeStep): string {
  if (WIPE_MATERIALS[material].hasOneManner) return ''
  const words = [`${PRESSURES[pressure]}, ${DIRECTIONS[direction]}`]
  if (WIPE_MATERIALS[material].isBundled) words.push(`bundle ${BUNDLES[bundle]}`)
  if (strokes > 0) words.push(`${strokes} strokes`)
  return words.join('; ')
}

/** An ink as it is brought on: "2 · Ferry blue by dolly, in the lines: sky, far water". */
export function describeInking({ ink, tool, where, zones, cycle }: InkingStep): string {
  const onto = zones.length > 0 ? `: ${zones.join(', ')}` : ''
  const then = cycle.map(({ does }) => CYCLE_ACTS[does].toLowerCase())
  return `${ink} by ${INKING_TOOLS[tool].toLowerCase()}, ${INKED_PARTS[where]}${onto}${then.length > 0 ? `; then ${then.join(', ')}` : ''}`
}
