import { z } from 'zod'
import { label, moment, nonNegative, positive, remark } from '../units/schemas'
import { BATH_RECIPES, depthFromLoss, makeBath, metalDisplaced, metalOfPlate, type BathRecipe } from './bath'

/** One plate bitten in a bath: by what it lost on the scale, or reckoned from area and depth. */
const bathUseShape = z.strictObject({
  plate: label,
  openAreaCm2: positive.max(100_000, { error: 'must be at most 100000 cm²' }),
  minutes: nonNegative.max(10_080, { error: 'must be at most a week' }),
  /** reckoned or felt with a fingernail; null where the plate was weighed */
  depthMicrometres: positive.max(5000, { error: 'must be at most 5000 µm' }).nullable(),
  lossGrams: positive.max(10_000, { error: 'must be at most 10000 g' }).nullable(),
  at: moment,
  by: label,
})

const DEPTH_KNOWN = [
  ({ depthMicrometres, lossGrams }: Pick<z.infer<typeof bathUseShape>, 'depthMicrometres' | 'lossGrams'>) =>
    depthMicrometres !== null || lossGrams !== null,
  { error: 'Enter how deep it bit, or weigh the plate before and after.', path: ['depthMicrometres'] },
] satisfies Parameters<typeof bathUseShape.refine>
export const bathUseSchema = bathUseShape.refine(...DEPTH_KNOWN)
/** The same before its moment is known. */
export const newBathUseSchema = bathUseShape
  .omit({ at: true })
  .refine((use) => DEPTH_KNOWN[0](use), DEPTH_KNOWN[1])
export type BathUse = z.infer<typeof bathUseSchema>

export const bathCardSchema = z.strictObject({
  id: label,
  name: label,
  recipe: z.enum(Object.keys(BATH_RECIPES) as [BathRecipe, ...BathRecipe[]]),
  volumeMl: positive,
  madeAt: moment,
  by: label,
  note: remark,
  endedAt: moment.nullable(),
  uses: z.array(bathUseSchema),
})
export type BathCard = z.infer<typeof bathCardSchema>

/** A depth as it was said or felt, and as the scale has it: two things, never one. */
export interface DepthKnown {
  said: number | null
  weighed: number | null
}

/** What a bath has taken up and what is left in it. */
export interface BathAccount {
  capacityGrams: number
  takenGrams: number
  leftGrams: number
  /** of each use the depth as it was said, and the mean depth by the scale, µm; null: not known that way */
  depths: DepthKnown[]
  /** weighed loss over reckoned loss, where plates were both: above 1 the bath dissolves more than it should; null without */
  correction: number | null
}

/** Keeps the account of a bath: capacity by copper displacement, less the metal of every plate, weighed where it was weighed. */
export function accountBath({
  recipe,
  volumeMl,
  uses,
}: Pick<BathCard, 'recipe' | 'volumeMl' | 'uses'>): BathAccount {
  const { metal } = BATH_RECIPES[recipe]
  const capacityGrams = metalDisplaced(makeBath({ volumeMl, recipe }).copperSulphateGrams, metal)
  const reckoned = (use: BathUse) =>
    use.depthMicrometres === null
      ? null
      : metalOfPlate({ openAreaCm2: use.openAreaCm2, depthMicrometres: use.depthMicrometres, metal })
  const takenGrams = uses.reduce((sum, use) => sum + (use.lossGrams ?? reckoned(use)!), 0)
  const both = uses.filter(
    ({ lossGrams, depthMicrometres }) => lossGrams !== null && depthMicrometres !== null,
  )
  return {
    capacityGrams,
    takenGrams,
    leftGrams: Math.max(0, capacityGrams - takenGrams),
    depths: uses.map(({ depthMicrometres, lossGrams, openAreaCm2 }) => ({
      said: depthMicrometres,
      weighed: lossGrams === null ? null : depthFromLoss({ lossGrams, openAreaCm2, metal }),
    })),
    correction:
      both.length === 0
        ? null
        : both.reduce((sum, { lossGrams }) => sum + lossGrams!, 0) /
          both.reduce((sum, use) => sum + reckoned(use)!, 0),
  }
}

/** Plates of an open area and depth that are likely left in a bath, in whole plates. */
export function platesLeft(
  account: Pick<BathAccount, 'leftGrams' | 'correction'>,
  recipe: BathRecipe,
  plate: { openAreaCm2: number; depthMicrometres: number },
): number {
  const each =
    metalOfPlate({ ...plate, metal: BATH_RECIPES[recipe].metal }) * Math.max(1, account.correction ?? 1)
  return Math.floor(account.leftGrams / each + 1e-9)
}
