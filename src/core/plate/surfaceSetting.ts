import { z } from 'zod'
import { formatMm } from '../units/length'
import { positive } from '../units/schemas'

/** What of a plate takes the ink. */
export const PRINTED_FROM = {
  lines: 'the lines',
  both: 'lines and surface',
  surface: 'the surface alone',
} as const
export type PrintedFrom = keyof typeof PRINTED_FROM

/** A plate that is rolled on its surface: with its lines inked as well, or alone; and the roller. */
export const surfaceSettingSchema = z.strictObject({
  /** nothing is wiped into the lines: what was bitten stays without ink */
  isAlone: z.boolean(),
  rollerMm: positive.max(500, { error: 'must be at most 500 mm' }),
})
export type SurfaceSetting = z.infer<typeof surfaceSettingSchema>

/** A plate as far as what takes its ink goes. */
export interface RolledPlate {
  surface?: SurfaceSetting | null
}

/** What of a plate takes the ink, as one chooses it. */
export function printedFrom({ surface }: RolledPlate): PrintedFrom {
  if (!surface) return 'lines'
  return surface.isAlone ? 'surface' : 'both'
}

/** What of a rolled plate takes the ink, in words. @example surfaceWords({ isAlone: true, rollerMm: 60 }) // 'the surface alone, roller 60 mm' */
export const surfaceWords = (surface: SurfaceSetting): string =>
  `${PRINTED_FROM[printedFrom({ surface })]}, roller ${formatMm(surface.rollerMm)}`
