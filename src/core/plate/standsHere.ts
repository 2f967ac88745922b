import { z } from 'zod'
import { count, finite, label, positive } from '../units/schemas'
import { PLATE_KINDS, plateKindSchema, type PlateKind } from './plate'

/** A plate of this workshop: how many pulls it made, and whether it was worn by then. */
const plateHereSchema = z.strictObject({ pulls: count.min(1), isWorn: z.boolean() })
export type PlateHere = z.infer<typeof plateHereSchema>

export const standsHereInput = z
  .strictObject({
    usualLow: positive,
    usualHigh: positive,
    plates: z.array(plateHereSchema).max(5000, { error: 'takes at most 5000 plates' }),
  })
  .refine(({ usualLow, usualHigh }) => usualHigh >= usualLow, {
    error: 'must not be below usualLow',
    path: ['usualHigh'],
  })

export const standsHereOutput = z.strictObject({ low: finite, high: finite, worn: count, going: count })
/** How many pulls plates of a kind stand in this workshop, nine times in ten. */
export type StandsHere = z.infer<typeof standsHereOutput>

/** A plate as the workshop's records know it. */
export const plateOfShopSchema = plateHereSchema.extend({ jobId: label, kind: plateKindSchema })
export type PlateOfShop = z.infer<typeof plateOfShopSchema>
/** What the kinds stand here, as far as this workshop has plates of them. */
export type StandsByKind = Partial<Record<PlateKind, StandsHere>>

/** What is usual weighs as so many plates of one's own [common practice, no source]. */
const USUAL_WEIGHS = 2
/** The normal deviate not exceeded nineteen times in twenty (printed tables). */
const Z = 1.645
/** A kind's plates differ at least so much, whatever the few here say: a tenth either way. */
const LEAST_SPREAD = 0.1 / Z
const ROUNDS = 200
/** The middle no longer moves, as a logarithm. */
const SETTLED = 1e-7

const density = (x: number): number => Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI)

/** Share of a normal law above a deviate (Zelen and Severo, Abramowitz and Stegun 26.2.17; error below 7.5e-8). */
function above(x: number): number {
  if (x < 0) return 1 - above(-x)
  const t = 1 / (1 + 0.2316419 * x)
  const series =
    t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return density(x) * series
}

/** Mean and variance of what a standard normal is, given that it is above a deviate; far out by its asymptote. */
function beyond(deviate: number): readonly [mean: number, variance: number] {
  if (deviate > 5) return [deviate + 1 / deviate, 1 / deviate ** 2]
  const hazard = density(deviate) / above(deviate)
  return [hazard, Math.max(0, 1 + deviate * hazard - hazard * hazard)]
}

/** Plates that stand at the same pulls, taken together: the logarithm of these, and how many they are. */
interface Alike {
  life: number
  isWorn: boolean
  count: number
}

/** A workshop prints edition after edition of the same size: its plates, those alike taken together. */
function alike(plates: readonly PlateHere[]): Alike[] {
  const found = new Map<number, Alike>()
  for (const { pulls, isWorn } of plates) {
    const key = isWorn ? -pulls : pulls
    const one = found.get(key)
    if (one) one.count += 1
    else found.set(key, { life: Math.log(pulls), isWorn, count: 1 })
  }
  return [...found.values()]
}

/**
 * How many pulls plates of a kind stand here. Lives go by a log-normal law; what is usual for the kind is its middle nine tenths and weighs
 * as two plates; a worn plate says when, one that still prints that it lives longer (expectation and maximisation for a censored normal
 * sample: Dempster, Laird and Rubin 1977, section 4.2).
 *
 * @param input pulls that plates of the kind usually stand, and the plates of this workshop, the one that is asked about left out
 * @returns pulls, not rounded; what is usual where there are no plates @throws ZodError
 */
export function standsHere(input: z.input<typeof standsHereInput>): StandsHere {
  const { usualLow, usualHigh, plates } = standsHereInput.parse(input)
  const [low, high] = [Math.log(usualLow), Math.log(usualHigh)]
  const middle = (low + high) / 2
  const spread = Math.max((high - low) / 2 / Z, LEAST_SPREAD)
  const all = USUAL_WEIGHS + plates.length
  const groups = alike(plates)
  let [mean, sd] = [middle, spread]
  for (let round = 0, moved = 1; round < ROUNDS && moved > SETTLED; round++) {
    // Sums of what each plate lives and of its square, counted from the middle that is usual, and of what is not known of it.
    let [sum, squares] = [0, USUAL_WEIGHS * spread ** 2]
    for (const { life, isWorn, count: several } of groups) {
      const [more, unsure] = isWorn ? [0, 0] : beyond((life - mean) / sd)
      const from = (isWorn ? life : mean + sd * more) - middle
      sum += several * from
      squares += several * (from * from + sd * sd * unsure)
    }
    const next = middle + sum / all
    squares -= all * (next - middle) ** 2
    moved = Math.abs(next - mean)
    mean = next
    sd = Math.max(Math.sqrt(squares / all), LEAST_SPREAD)
  }
  const worn = plates.filter(({ isWorn }) => isWorn).length
  return { low: Math.exp(mean - Z * sd), high: Math.exp(mean + Z * sd), worn, going: plates.length - worn }
}

/**
 * What plates of every kind stood here, as the plates of other jobs tell; a kind that does not wear, and one of which nobody wore a plate out
 * or printed past what is usual, is left out: then only its kind is known.
 *
 * @param jobId the job whose plate is asked about: it does not tell of itself
 */
export function standsByKind(plates: readonly PlateOfShop[], jobId: string): StandsByKind {
  const told: StandsByKind = {}
  for (const kind of Object.keys(PLATE_KINDS) as PlateKind[]) {
    const { stands } = PLATE_KINDS[kind]
    const own = plates.filter((plate) => plate.kind === kind && plate.jobId !== jobId)
    if (stands === null || !own.some(({ pulls, isWorn }) => isWorn || pulls > stands[0])) continue
    const [usualLow, usualHigh] = stands
    told[kind] = standsHere({
      usualLow,
      usualHigh,
      plates: own.map(({ pulls, isWorn }) => ({ pulls, isWorn })),
    })
  }
  return told
}
