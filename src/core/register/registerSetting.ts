import { z } from 'zod'
import { finite, label, nonNegative, positive } from '../units/schemas'
import { laidPieceSchema } from './laidPiece'

/** How the sheet meets the plate. */
export const LAYING_METHODS = {
  'corner-marks': 'Corner marks, then drop',
  'long-edge': 'One long edge, then drop',
  'trapped-edge': 'Edge trapped under the roller',
  'face-down': 'Plate face down on the sheet',
} as const
export type LayingMethod = keyof typeof LAYING_METHODS

/** How the margins are come by. */
export const MARGIN_SCHEMES = { centred: 'Centred', weighted: 'Weighted', typed: 'Custom' } as const
export type MarginScheme = keyof typeof MARGIN_SCHEMES

/** What is drawn on the sheet to lay plate and paper by. */
export const REGISTER_MARKS = {
  corners: 'Corner marks',
  centres: 'Centre marks',
  stops: 'Edge stops',
  'tee-and-bar': 'T and bar',
  pins: 'Pin holes',
} as const
export type RegisterMark = keyof typeof REGISTER_MARKS

const millimetres = positive.max(3000, { error: 'must be at most 3000 mm' })
const offset = finite
  .min(-3000, { error: 'must be within −3000 and 3000 mm' })
  .max(3000, { error: 'must be within −3000 and 3000 mm' })

/** Another plate of the same print: where its middle lies from the first plate's, as the print's face shows it, right and up. */
export const otherPlateSchema = z.strictObject({
  name: label,
  widthMm: millimetres,
  heightMm: millimetres,
  rightMm: offset.default(0),
  upMm: offset.default(0),
})
export type OtherPlate = z.infer<typeof otherPlateSchema>

/** How two plates come onto one sheet. */
export const TWO_PLATE_ROUTES = {
  trapped: 'Sheet trapped, plates changed wet on wet',
  dried: 'Dried and damped again between plates',
} as const
export type TwoPlateRoute = keyof typeof TWO_PLATE_ROUTES

/** Where the plate lies on the sheet, how the sheet is laid and marked, and what else is printed on it: part of the settings. */
export const registerSettingSchema = z.strictObject({
  scheme: z.enum(Object.keys(MARGIN_SCHEMES) as [MarginScheme, ...MarginScheme[]]),
  bottomToTop: positive
    .min(0.2, { error: 'must be within 0.2 and 5' })
    .max(5, { error: 'must be within 0.2 and 5' }),
  laying: z.enum(Object.keys(LAYING_METHODS) as [LayingMethod, ...LayingMethod[]]),
  /** typed margins on the print's face */
  leftMm: nonNegative.max(3000, { error: 'must be at most 3000 mm' }).nullable().default(null),
  topMm: nonNegative.max(3000, { error: 'must be at most 3000 mm' }).nullable().default(null),
  marks: z
    .array(z.enum(Object.keys(REGISTER_MARKS) as [RegisterMark, ...RegisterMark[]]))
    .max(5)
    .default(['corners', 'centres']),
  /** the plates that come after the first, in the order they are printed */
  plates: z.array(otherPlateSchema).max(8, { error: 'takes at most 8 further plates' }).default([]),
  route: z.enum(['trapped', 'dried']).default('dried'),
  /** how much of the sheet's far edge the roller holds while the plate is laid */
  trapMm: positive.max(500, { error: 'must be at most 500 mm' }).default(30),
  /** pieces of thin paper that are stuck on with the pull, in the order they are laid */
  colle: z
    .array(laidPieceSchema)
    .max(12, { error: 'takes at most 12 pieces' })
    .refine((pieces) => new Set(pieces.map(({ name }) => name)).size === pieces.length, {
      error: 'has two pieces of one name',
    })
    .default([]),
})
export type RegisterSetting = z.infer<typeof registerSettingSchema>

/** The register as it is laid out where nobody set it. */
export const usualRegister: RegisterSetting = registerSettingSchema.parse({
  scheme: 'centred',
  bottomToTop: 1.2,
  laying: 'corner-marks',
})
