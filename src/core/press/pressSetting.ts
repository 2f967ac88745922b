import { layerShares, NEARLY_ALL } from './nip'
import { z } from 'zod'
import { count, finite, label, nonNegative, positive } from '../units/schemas'
import { gapUnderLoad, type Across } from './frame'
import { layerSchema, pressStack, pressStackInput, type Layer, stackCompression } from './pressStack'

/** How the bed goes under the roller. */
export const DIRECTIONS = { 'one-way': 'One way', 'there-and-back': 'There and back' } as const

/** Turns of the screws counted from the roller on the bare bed; looser is positive. */
export const TURNS = { id: 'turns', version: 1 } as const

/** The language a press is read in, and which version of its meaning the reading was taken by. */
export const pressScaleSchema = z.strictObject({ id: z.literal(TURNS.id), version: z.literal(TURNS.version) })

/** The press as it is set for a pull: part of the settings. What was read is kept; millimetres follow from it. */
export const pressSettingSchema = z.strictObject({
  pressId: label,
  name: label,
  rollerRadiusMm: positive.max(1000, { error: 'must be at most 1000 mm' }),
  mmPerTurn: positive.max(20, { error: 'must be at most 20 mm' }),
  scale: pressScaleSchema,
  readingLeft: nonNegative.max(100, { error: 'must be at most 100 turns' }),
  readingRight: nonNegative.max(100, { error: 'must be at most 100 turns' }),
  packName: label,
  pack: z.array(layerSchema).max(8, { error: 'takes at most 8 layers' }),
  makeReadyMm: finite.min(0, { error: 'must be 0 or more' }).max(10, { error: 'must be at most 10 mm' }),
  passes: count.min(1, { error: 'must be 1 or more' }).max(6, { error: 'must be at most 6' }),
  direction: z.enum(['one-way', 'there-and-back']).default('one-way'),
  /** how long the plate is to take under the roller; null: nobody said */
  secondsOnPlate: positive.max(600, { error: 'must be at most 600 s' }).nullable().default(null),
  /** what the frame gives way by; null: taken as rigid */
  frameNPerMm: positive.nullable().default(null),
})
export type PressSetting = z.infer<typeof pressSettingSchema>

/** Damp rag paper under the roller, MPa and strain [from memory; only its ratio to the BAT is used]. */
const DAMP_PAPER = { modulusMPa: 12, densificationStrain: 0.6 }

/** Gap between roller and bed at one screw, mm. */
export function gapMm(press: Pick<PressSetting, 'mmPerTurn'>, turns: number): number {
  return turns * press.mmPerTurn
}

/** How much the roller leans from one screw to the other, mm; positive when the right is looser. */
export function tiltMm(press: Pick<PressSetting, 'mmPerTurn' | 'readingLeft' | 'readingRight'>): number {
  return (press.readingRight - press.readingLeft) * press.mmPerTurn
}

/** Squeeze at one gap, or that the stack cannot be pressed so far. */
export type SqueezeAt =
  { contact: 'none' | 'pressed'; peakMPa: number; contactWidthMm: number } | { contact: 'too-tight' }

/** What lies under the roller at a bench setting: the sheet and the blankets over the plate and its make-ready. */
export function stackOf(
  press: Pick<PressSetting, 'rollerRadiusMm' | 'pack' | 'makeReadyMm'>,
  plateThicknessMm: number,
  caliperMm: number,
): { rollerRadiusMm: number; layers: Layer[]; plateThicknessMm: number } {
  return {
    rollerRadiusMm: press.rollerRadiusMm,
    layers: [{ name: 'Sheet', thicknessMm: caliperMm, ...DAMP_PAPER }, ...press.pack],
    plateThicknessMm: plateThicknessMm + press.makeReadyMm,
  }
}

type PlateSize = { widthMm: number; thicknessMm: number }
type SheetSize = { sheetWidthMm: number; caliperMm: number }

/** What lies from side to side: the plate's width lies along the roller [common practice, no source]. */
export const acrossOf = (
  plate: Pick<PlateSize, 'widthMm'>,
  paper: Pick<SheetSize, 'sheetWidthMm'>,
): Across => ({ plateMm: plate.widthMm, sheetMm: paper.sheetWidthMm })

/** Gap at a setting of the screws once the frame has given way under plate and sheet, mm. */
export function pressedGap(press: PressSetting, turns: number, plate: PlateSize, paper: SheetSize): number {
  return gapUnderLoad(
    stackOf(press, plate.thicknessMm, paper.caliperMm),
    gapMm(press, turns),
    acrossOf(plate, paper),
    press.frameNPerMm,
  )
}

/** Solves the stack of a bench at one setting of the screws. */
export function squeezeAtTurns(
  press: PressSetting,
  turns: number,
  plate: PlateSize,
  paper: SheetSize,
): SqueezeAt {
  return squeezeAt(press, pressedGap(press, turns, plate, paper), plate.thicknessMm, paper.caliperMm)
}

/** Solves the stack of a bench setting at one gap. */
export function squeezeAt(
  press: PressSetting,
  gap: number,
  plateThicknessMm: number,
  caliperMm: number,
): SqueezeAt {
  const parsed = pressStackInput.safeParse({ ...stackOf(press, plateThicknessMm, caliperMm), gapMm: gap })
  if (!parsed.success) return { contact: 'too-tight' }
  const { peakMPa, contactWidthMm } = pressStack(parsed.data)
  return { contact: peakMPa > 0 ? 'pressed' : 'none', peakMPa, contactWidthMm }
}

/** What is pressed: a bench as far as it lies under the roller. */
export interface Pressed {
  press: PressSetting
  plate: PlateSize
  paper: SheetSize
}

/**
 * Why a bench would not print as it stands: nothing is pressed at one screw or both, or more than the layers can give; null: it would,
 * or it is pressed by hand, where no screw says anything.
 */
export function pressDoubt({ press, plate, paper }: Pressed, isByHand: boolean): string | null {
  if (isByHand) return null
  const contacts = [press.readingLeft, press.readingRight].map(
    (turns) => squeezeAtTurns(press, turns, plate, paper).contact,
  )
  if (contacts.includes('too-tight'))
    return 'The screws stand tighter than sheet and blankets can give: plate, blankets or press would suffer.'
  if (!contacts.includes('none')) return null
  const stack = stackOf(press, plate.thicknessMm, paper.caliperMm)
  const looser = Math.max(press.readingLeft, press.readingRight)
  const apart = -stackCompression({ ...stack, gapMm: gapMm(press, looser) })
  return `Nothing is pressed${contacts.includes('pressed') ? ' on one side' : ''}: the roller stays ${apart.toFixed(2)} mm above the blankets.`
}

/** Whether a layer is pressed to nearly all it can give, so that more squeeze is none. */
export function isExhausted({ press, plate, paper }: Pressed): boolean {
  const stack = {
    ...stackOf(press, plate.thicknessMm, paper.caliperMm),
    gapMm: pressedGap(press, Math.min(press.readingLeft, press.readingRight), plate, paper),
  }
  if (!pressStackInput.safeParse(stack).success) return true
  return (
    stackCompression(stack) > 0 &&
    layerShares(stack).some(({ share }) => share !== null && share > NEARLY_ALL)
  )
}

/** Turns as they are counted at the screw: whole turns and eighths, `"2 3/4 turns"`, or two decimals when it is no eighth. */
export function formatTurns(turns: number): string {
  const eighths = Math.round(turns * 8)
  if (Math.abs(turns * 8 - eighths) > 0.04) return `${turns.toFixed(2)} turns`
  const whole = Math.floor(eighths / 8)
  const fraction = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'][eighths % 8]
  const text = [whole > 0 || !fraction ? String(whole) : '', fraction].filter(Boolean).join(' ')
  return `${text} ${eighths > 0 && eighths <= 8 ? 'turn' : 'turns'}`
}
