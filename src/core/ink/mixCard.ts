import { findByName } from '../units/byName'
import { z } from 'zod'
import { reflectanceSpectrum } from '../colour/spectrum'
import { count, label, moment, positive, remark } from '../units/schemas'
import { mixSettingSchema, type MixSetting } from './mix'

/** One version of a mix, kept so that it can be made again. */
export const cardVersionSchema = z.strictObject({
  version: positive.int(),
  mix: mixSettingSchema,
  why: remark,
  by: label,
  at: moment,
})
export type CardVersion = z.infer<typeof cardVersionSchema>

export const weighedInkSchema = z.strictObject({
  inkId: label,
  name: label,
  grams: positive.max(100_000, { error: 'must be at most 100000 g' }),
})
export type WeighedInk = z.infer<typeof weighedInkSchema>

/** A batch made from a card: what was weighed in, what was added after, and how it read. */
export const batchSchema = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9-]{1,64}$/, { error: 'must be letters, digits and hyphens' }),
  version: positive.int(),
  weighed: z.array(weighedInkSchema).min(1, { error: 'needs at least one ink' }).max(12),
  /** corrections, in order; ink can only be added */
  additions: z.array(z.strictObject({ at: moment, by: label, weighed: z.array(weighedInkSchema).min(1) })),
  measured: reflectanceSpectrum.nullable(),
  madeAt: moment,
  by: label,
  usableUntil: z.iso.date(),
})
export type MixBatch = z.infer<typeof batchSchema>

/** A recipe card: a name, its versions, and the batches made from it. */
export const mixCardSchema = z.strictObject({
  id: label,
  name: label,
  versions: z.array(cardVersionSchema).min(1),
  batches: z.array(batchSchema),
  pulls: count,
})
export type MixCard = z.infer<typeof mixCardSchema>

/** What is in a batch after all its additions, by ink, in the order things went in. */
export function batchContents({ weighed, additions }: Pick<MixBatch, 'weighed' | 'additions'>): WeighedInk[] {
  const contents = new Map<string, WeighedInk>()
  for (const one of [...weighed, ...additions.flatMap((addition) => addition.weighed)]) {
    const before = contents.get(one.inkId)
    contents.set(one.inkId, before ? { ...before, grams: before.grams + one.grams } : one)
  }
  return [...contents.values()]
}

/** What changed from one version of a mix to the next, in words; empty when nothing did. */
export function describeMixChange(before: MixSetting, after: MixSetting): string[] {
  const share = (mix: MixSetting, name: string) =>
    (100 * (findByName(mix.parts, name)?.parts ?? 0)) / mix.parts.reduce((sum, part) => sum + part.parts, 0)
  const names = [...new Set([...before.parts, ...after.parts].map(({ name }) => name))]
  const inks = names.flatMap((name) => {
    const [was, is] = [share(before, name), share(after, name)]
    return Math.abs(was - is) < 0.05 ? [] : [`${name} ${was.toFixed(1)} → ${is.toFixed(1)} %`]
  })
  const modifiers = [
    ...new Set([...before.modifiers, ...after.modifiers].map(({ modifier }) => modifier)),
  ].flatMap((modifier) => {
    const amount = (mix: MixSetting) =>
      mix.modifiers.find((entry) => entry.modifier === modifier)?.amount ?? 0
    return amount(before) === amount(after) ? [] : [`${modifier} ${amount(before)} → ${amount(after)}`]
  })
  return [...inks, ...modifiers]
}
