import { z } from 'zod'
import { label, moment, positive, remark } from '../units/schemas'
import { NO_BLANKETS } from './noBlankets'
import type { Layer } from './pressStack'

/**
 * What a blanket is for, and how its kind gives way under the roller: modulus in MPa and densification strain
 * [from memory; only ratios to the BAT are used]. Measuring one replaces its modulus.
 */
export const BLANKET_KINDS = {
  catcher: {
    label: 'Catcher',
    does: 'thin, takes size and water',
    modulusMPa: 1.2,
    densificationStrain: 0.6,
  },
  cushion: { label: 'Cushion', does: 'soft, does the work', modulusMPa: 0.5, densificationStrain: 0.65 },
  pusher: { label: 'Pusher', does: 'woven, takes the drag', modulusMPa: 1, densificationStrain: 0.6 },
  'single-felt': { label: 'Single felt', does: 'one for all', modulusMPa: 0.8, densificationStrain: 0.6 },
  tissue: {
    label: 'Tissue',
    does: 'keeps ink and size off the catcher',
    modulusMPa: 5,
    densificationStrain: 0.6,
  },
  polypropylene: {
    label: 'Polypropylene felt',
    does: 'takes no water',
    modulusMPa: 0.7,
    densificationStrain: 0.7,
  },
} as const
export type BlanketKind = keyof typeof BLANKET_KINDS

export const CLOGGING = { none: 'soft all over', some: 'stiff in places', much: 'stiff with size' } as const
export const SIDES_UP = {
  either: 'either side up',
  marked: 'marked side up',
  unmarked: 'marked side down',
} as const

const millimetres = positive.max(30, { error: 'must be at most 30 mm' })

/** A blanket as it is now. */
export const blanketSchema = z
  .strictObject({
    name: label,
    kind: z.enum(Object.keys(BLANKET_KINDS) as [BlanketKind, ...BlanketKind[]]),
    newMm: millimetres,
    nowMm: millimetres,
    /** measured; null: what its kind usually has */
    modulusMPa: positive.max(1000, { error: 'must be at most 1000 MPa' }).nullable(),
    since: z.iso.date({ error: 'must be a date such as 2031-04-02' }).nullable(),
    clogging: z.enum(Object.keys(CLOGGING) as [keyof typeof CLOGGING, ...(keyof typeof CLOGGING)[]]),
    sideUp: z.enum(Object.keys(SIDES_UP) as [keyof typeof SIDES_UP, ...(keyof typeof SIDES_UP)[]]),
    note: remark,
  })
  .superRefine(({ newMm, nowMm }, context) => {
    if (nowMm > newMm * 1.05)
      context.addIssue({
        code: 'custom',
        path: ['nowMm'],
        message: `is thicker than when it was new (${newMm} mm): measure dry and without pressing`,
      })
  })
export type Blanket = z.infer<typeof blanketSchema>

/** A wash of a blanket. */
export const washSchema = z.strictObject({ at: moment, by: label })

/** How much stiffer size makes a blanket [from memory]. */
const CLOGGED = { none: 1, some: 1.15, much: 1.5 } as const

/**
 * A blanket as a layer of the stack, at the thickness it has now. One that has packed down holds the same wool in less height: it
 * is stiffer, and has less left to give, each in proportion; size stiffens it further. A measured modulus is taken as it is.
 */
export function layerOfBlanket({
  name,
  kind,
  newMm,
  nowMm,
  modulusMPa,
  clogging,
}: Blanket): Layer & { of: BlanketKind } {
  const usual = BLANKET_KINDS[kind]
  const packed = Math.min(1, nowMm / newMm)
  return {
    name,
    of: kind,
    thicknessMm: nowMm,
    modulusMPa: modulusMPa ?? (usual.modulusMPa / packed) * CLOGGED[clogging],
    densificationStrain: Math.max(0.05, 1 - (1 - usual.densificationStrain) / packed),
  }
}

/** A weight on a blanket, and its thickness without and with it. */
export const compressionSchema = z
  .strictObject({
    kilograms: positive.max(500, { error: 'must be at most 500 kg' }),
    areaMm2: positive,
    freeMm: millimetres,
    loadedMm: millimetres,
    densificationStrain: positive.lt(1),
  })
  .superRefine(({ freeMm, loadedMm, densificationStrain, kilograms, areaMm2 }, context) => {
    const strain = 1 - loadedMm / freeMm
    if (strain <= 0)
      context.addIssue({ code: 'custom', path: ['loadedMm'], message: 'must be thinner under the weight' })
    else if (strain >= densificationStrain)
      context.addIssue({
        code: 'custom',
        path: ['loadedMm'],
        message: `this kind gives at most ${Math.round(100 * densificationStrain)} %: take a lighter weight`,
      })
    if (!(kilograms / areaMm2 < 1))
      context.addIssue({
        code: 'custom',
        path: ['areaMm2'],
        message: 'so small a foot cuts into the felt: put a larger one under the weight',
      })
  })

/** Standard gravity, m/s² (exact by definition, CGPM 1901). */
const GRAVITY = 9.80665

/** Modulus of a blanket from one weight: of ε = σ/(E + σ/ε_d), E = σ/ε − σ/ε_d, MPa. */
export function measuredModulus({
  kilograms,
  areaMm2,
  freeMm,
  loadedMm,
  densificationStrain,
}: z.infer<typeof compressionSchema>): number {
  const sigma = (kilograms * GRAVITY) / areaMm2
  return sigma / (1 - loadedMm / freeMm) - sigma / densificationStrain
}

/** How a blanket stands, in words; nothing when there is nothing to say. @param washedAt newest wash; @param now today */
export function blanketRemarks(
  { newMm, nowMm, clogging, since }: Pick<Blanket, 'newMm' | 'nowMm' | 'clogging' | 'since'>,
  washedAt: string | null,
  now: string,
): string[] {
  const lost = 1 - nowMm / newMm
  const days = (from: string) => Math.floor((Date.parse(now) - Date.parse(from)) / 86_400_000)
  const unwashed = washedAt ?? since
  return [
    ...(lost > 0.25 ? [`Lost ${Math.round(100 * lost)} % of its height: near its end.`] : []),
    ...(clogging !== 'none' ? ['Stiff with size: wash it, lukewarm, laid flat to dry.'] : []),
    ...(unwashed !== null && days(unwashed) > 60 ? [`Not washed for ${days(unwashed)} days.`] : []),
  ]
}

/** A stack as a school lays it: kinds from the bed upward, how many of them under the plate, and which way that looks. */
interface School {
  label: string
  kinds: readonly BlanketKind[]
  plateAt?: number
  isFaceDown?: boolean
}

/** What the schools lay, all of it over the sheet unless they say otherwise. */
export const PACK_SCHOOLS = {
  three: { label: 'Catcher, cushion, pusher', kinds: ['catcher', 'cushion', 'pusher'] },
  two: { label: 'Two, no cushion: a small roller', kinds: ['catcher', 'pusher'] },
  one: { label: 'One felt', kinds: ['single-felt'] },
  polypropylene: {
    label: 'Three polypropylene felts',
    kinds: ['polypropylene', 'polypropylene', 'polypropylene'],
  },
  none: { label: NO_BLANKETS, kinds: [] },
  wringer: {
    label: 'A felt either side, as in a kitchen roller',
    kinds: ['single-felt', 'single-felt'],
    plateAt: 1,
    isFaceDown: true,
  },
} as const satisfies Record<string, School>
export type PackSchool = keyof typeof PACK_SCHOOLS

/** Lays a school's pack from the blankets of the shelf, each used once; what of it the shelf does not have is told by kind. */
export function layPack<B extends { id: string; kind: BlanketKind }>(
  school: PackSchool,
  shelf: readonly B[],
): { laid: B[]; missing: BlanketKind[]; plateAt: number; isFaceDown: boolean } {
  const { kinds, plateAt = 0, isFaceDown = false }: School = PACK_SCHOOLS[school]
  const free = [...shelf]
  const laid: B[] = []
  const missing: BlanketKind[] = []
  for (const kind of kinds) {
    const at = free.findIndex((blanket) => blanket.kind === kind)
    if (at < 0) missing.push(kind)
    else laid.push(...free.splice(at, 1))
  }
  return { laid, missing, plateAt, isFaceDown }
}
