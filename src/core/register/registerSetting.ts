import { z } from 'zod'
import { positive } from '../units/schemas'
import { marginSchemeSchema } from './margins'

/** How the sheet meets the plate. */
export const LAYING_METHODS = {
  'corner-marks': 'Corner marks, then drop',
  'long-edge': 'One long edge, then drop',
  'trapped-edge': 'Edge trapped under the roller',
  'face-down': 'Plate face down on the sheet',
} as const
export type LayingMethod = keyof typeof LAYING_METHODS

/** Where the plate lies on the sheet, and how the sheet is laid: part of the settings. */
export const registerSettingSchema = z.strictObject({
  scheme: marginSchemeSchema,
  bottomToTop: positive.min(0.2, { error: 'must be within 0.2 and 5' }).max(5, { error: 'must be within 0.2 and 5' }),
  laying: z.enum(Object.keys(LAYING_METHODS) as [LayingMethod, ...LayingMethod[]]),
})
export type RegisterSetting = z.infer<typeof registerSettingSchema>
