import { dayOf } from '../units/moment'
import { z } from 'zod'
import { coefficientSpectrum } from '../colour/spectrum'
import { label, nonNegative, positive, remark } from '../units/schemas'
import { INK_SOURCES, type InkSource } from './inkTrust'

/** What the shop knows of a tube besides its colour; null where nobody said. */
export const tubeSchema = z.strictObject({
  tubeGrams: positive.max(100_000, { error: 'must be at most 100000 g' }).nullable(),
  /** at the last weighing; what was mixed since is taken off */
  gramsLeft: nonNegative.max(100_000, { error: 'must be at most 100000 g' }).nullable(),
  weighedAt: z.iso.datetime().nullable(),
  openedOn: z.iso.date({ error: 'must be a date such as 2031-04-02' }).nullable(),
  keepsOpenDays: positive.max(3650, { error: 'must be at most 3650 days' }).nullable(),
  pricePerKg: nonNegative.max(100_000, { error: 'must be at most 100000' }).nullable(),
})
export type Tube = z.infer<typeof tubeSchema>

/** A tube nobody has said anything of. */
export const UNKNOWN_TUBE: Tube = {
  tubeGrams: null,
  gramsLeft: null,
  weighedAt: null,
  openedOn: null,
  keepsOpenDays: null,
  pricePerKg: null,
}

/** An ink as the shelf keeps it. */
export const shelfInkSchema = z.strictObject({
  id: label,
  name: label,
  kind: z.enum(['oil', 'water-washable']),
  k: coefficientSpectrum,
  s: coefficientSpectrum,
  viscosityPas: positive.max(1e5, { error: 'must be at most 100000 Pa·s' }),
  /** how its k and s were come by */
  source: z.enum(Object.keys(INK_SOURCES) as [InkSource, ...InkSource[]]),
  /** false for metallic and interference pigments, whose colour no film model foretells */
  forecastable: z.boolean(),
  note: remark,
  ...tubeSchema.shape,
})
export type ShelfInk = z.infer<typeof shelfInkSchema>

/** Days an opened ink stays usable where nobody said: oil under wax paper a few, water-washable many [common practice, no source]. */
const USUAL_DAYS = { oil: 5, 'water-washable': 14 } as const

/** The day until which a batch of these inks stays usable: that of the ink that keeps shortest. */
export function usableUntil(
  inks: readonly Pick<ShelfInk, 'kind' | 'keepsOpenDays'>[],
  mixedAt: string,
): string {
  const days = Math.min(...inks.map(({ kind, keepsOpenDays }) => keepsOpenDays ?? USUAL_DAYS[kind]))
  return dayOf(new Date(Date.parse(mixedAt) + days * 86_400_000).toISOString(), 'Etc/UTC')
}
