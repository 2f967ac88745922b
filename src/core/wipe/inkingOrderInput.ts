import { z } from 'zod'
import { isNamedBefore } from '../units/byName'
import { finite, label, nonNegative } from '../units/schemas'
import { MOST_INKS, proposeOrder, whyThere, type InkBorder, type WhiteBorder } from './inkingOrder'

const share = finite.min(0, { error: 'must be within 0 and 1' }).max(1, { error: 'must be within 0 and 1' })
/** What a place kept white goes by among the borders. */
const WHITE = 'white'
const RESERVED: ReadonlySet<string> = new Set([WHITE])

const inkSchema = z.strictObject({
  name: label.refine((name) => !RESERVED.has(name), {
    error: 'is what places kept white go by: name the ink otherwise',
  }),
  lightness: finite
    .min(0, { error: 'must be within 0 and 100' })
    .max(100, { error: 'must be within 0 and 100' }),
  cover: share,
  strength: share,
  filler: z.boolean().default(false),
})

/** Inks of one plate and the borders they share; `b` may be "white". */
export const inkingOrderInput = z
  .strictObject({
    inks: z
      .array(inkSchema)
      .min(1, { error: 'expected at least one ink' })
      .max(MOST_INKS, { error: `expected at most ${MOST_INKS} inks` }),
    borders: z
      .array(z.strictObject({ a: label, b: label, lengthMm: nonNegative, feathered: share.default(0) }))
      .max(500, { error: 'expected at most 500 borders' }),
  })
  .superRefine(({ inks, borders }, context) => {
    inks.forEach((_, i) => {
      if (isNamedBefore(inks, i))
        context.addIssue({ code: 'custom', path: ['inks', i, 'name'], message: 'is there already' })
    })
    const names = new Set(inks.map(({ name }) => name))
    borders.forEach((border, i) => {
      for (const side of ['a', 'b'] as const)
        if (!names.has(border[side]) && !(side === 'b' && border[side] === WHITE))
          context.addIssue({
            code: 'custom',
            path: ['borders', i, side],
            message: `no ink is called ${border[side]}`,
          })
      if (border.a === border.b)
        context.addIssue({ code: 'custom', path: ['borders', i, 'b'], message: 'is the same ink' })
    })
  })

export const inkingOrderOutput = z.strictObject({
  order: z.array(z.string()),
  riskMm: finite,
  reasons: z.array(z.strictObject({ ink: z.string(), text: z.string() })),
})

/**
 * The inking order that risks least, with why each ink stands where it does. `riskMm` is the cost of `orderCost` and `whiteCost`: mm of
 * border spoiled outright [common practice, no source; weights from memory].
 */
export function inkingOrder({
  inks,
  borders,
}: z.infer<typeof inkingOrderInput>): z.infer<typeof inkingOrderOutput> {
  const at = new Map(inks.map(({ name }, i) => [name, i]))
  const known = inks.map(({ filler: isFiller, ...ink }) => ({ ...ink, isFiller }))
  const between: InkBorder[] = []
  const whites: WhiteBorder[] = []
  for (const { a, b, lengthMm, feathered } of borders) {
    const [first, second] = [at.get(a)!, at.get(b)]
    if (second === undefined) whites.push({ ink: first, lengthMm, feathered })
    else between.push({ a: first, b: second, lengthMm, feathered })
  }
  const { order, cost } = proposeOrder(known, between, whites)
  return {
    order: order.map((ink) => inks[ink].name),
    riskMm: cost,
    reasons: order.map((ink, place) => ({
      ink: inks[ink].name,
      text: whyThere(place, order, known, between, whites),
    })),
  }
}
