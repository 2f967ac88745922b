import { layerShares, NEARLY_ALL } from './nip'
import { z } from 'zod'
import { formatFine } from '../units/quantity'
import { count, finite, label, positive } from '../units/schemas'
import { gapUnderLoad, type Across } from './frame'
import { isHandKind, type PressKind } from './pressKind'
import { closerMm, readingProblem, readingsWords, toMm, scaleShape } from './pressureScale'
import { layerSchema, pressStack, pressStackInput, type Layer, stackCompression } from './pressStack'

/** How the bed goes under the roller. */
export const DIRECTIONS = { 'one-way': 'One way', 'there-and-back': 'There and back' } as const

/** A layer as it is laid at a press: what it is stands on it, since its name is the shop's own. */
export const laidLayerSchema = layerSchema.extend({ of: z.string().max(40).nullish() })
export type LaidLayer = z.infer<typeof laidLayerSchema>

/** Whether two packs press alike: what their layers are made of does not count, only how they give way. */
export const isSamePack = (a: readonly Layer[], b: readonly Layer[]): boolean =>
  JSON.stringify(a.map(reckoned)) === JSON.stringify(b.map(reckoned))

/** A layer as it is reckoned with. */
const reckoned = ({ name, thicknessMm, modulusMPa, densificationStrain }: Layer): Layer => ({
  name,
  thicknessMm,
  modulusMPa,
  densificationStrain,
})

/** What is read of one pass: each has its own reading. */
const passSchema = z.strictObject({ left: finite, right: finite })
export type PassReading = z.infer<typeof passSchema>

/** The press as it is set for a pull: part of the settings. What was read is kept; millimetres follow from it. */
export const pressSettingSchema = z
  .strictObject({
    pressId: label,
    name: label,
    rollerRadiusMm: positive.max(1000, { error: 'must be at most 1000 mm' }),
    scale: scaleShape,
    readingLeft: finite,
    readingRight: finite,
    /** readings of the second pass and those after it; those left out are made as the one before */
    laterPasses: z.array(passSchema).max(5, { error: 'takes at most 6 passes' }).default([]),
    packName: label,
    /** from the bed upward */
    pack: z.array(laidLayerSchema).max(8, { error: 'takes at most 8 layers' }),
    /** how many of the pack lie under plate and sheet; packs of earlier releases all lay over them */
    plateAt: count.max(8, { error: 'must be at most 8' }).default(0),
    /** the plate lies on the sheet instead of under it */
    isFaceDown: z.boolean().default(false),
    makeReadyMm: finite.min(0, { error: 'must be 0 or more' }).max(10, { error: 'must be at most 10 mm' }),
    makeReadyOf: z.enum(['card', 'plastic', 'metal']).default('card'),
    passes: count.min(1, { error: 'must be 1 or more' }).max(6, { error: 'must be at most 6' }),
    direction: z.enum(['one-way', 'there-and-back']).default('one-way'),
    /** how long the plate is to take under the roller; null: nobody said */
    secondsOnPlate: positive.max(600, { error: 'must be at most 600 s' }).nullable().default(null),
    /** what the frame gives way by; null: taken as rigid */
    frameNPerMm: positive.nullable().default(null),
  })
  .superRefine((press, context) => {
    const check = (path: (string | number)[], reading: number) => {
      const wrong = readingProblem(press.scale, reading)
      if (wrong) context.addIssue({ code: 'custom', path, message: wrong })
    }
    check(['readingLeft'], press.readingLeft)
    check(['readingRight'], press.readingRight)
    press.laterPasses.forEach(({ left, right }, i) => {
      check(['laterPasses', i, 'left'], left)
      check(['laterPasses', i, 'right'], right)
    })
    if (press.plateAt > press.pack.length)
      context.addIssue({
        code: 'custom',
        path: ['plateAt'],
        message: `must be at most ${press.pack.length}: so many layers are laid`,
      })
    if (press.laterPasses.length >= press.passes && press.laterPasses.length > 0)
      context.addIssue({
        code: 'custom',
        path: ['passes'],
        message: `is fewer than the ${press.laterPasses.length + 1} that have a reading`,
      })
  })
export type PressSetting = z.infer<typeof pressSettingSchema>

/** Damp rag paper under the roller, MPa and strain [from memory; only its ratio to the BAT is used]. */
const DAMP_PAPER = { modulusMPa: 12, densificationStrain: 0.6 }

/** Gap between roller and bed at one side, mm; null: nobody measured this press. */
export const gapMm = ({ scale }: Pick<PressSetting, 'scale'>, reading: number): number | null =>
  toMm(scale, reading)

/** The reading in the middle of the roller: half way between both sides. */
export const middleReading = ({
  readingLeft,
  readingRight,
}: Pick<PressSetting, 'readingLeft' | 'readingRight'>): number => (readingLeft + readingRight) / 2

/** How much the roller leans from one side to the other, mm; positive when the right is looser; null: nobody measured this press. */
export function tiltMm({
  scale,
  readingLeft,
  readingRight,
}: Pick<PressSetting, 'scale' | 'readingLeft' | 'readingRight'>): number | null {
  if (readingLeft === readingRight) return 0
  const closer = closerMm(scale, readingLeft, readingRight)
  return closer === null ? null : -closer
}

/** The readings of every pass, the first one first. */
export function passReadings({
  readingLeft,
  readingRight,
  laterPasses,
  passes,
}: Pick<PressSetting, 'readingLeft' | 'readingRight' | 'laterPasses' | 'passes'>): PassReading[] {
  const given = [{ left: readingLeft, right: readingRight }, ...laterPasses]
  return Array.from({ length: Math.max(1, passes) }, (_, i) => given[Math.min(i, given.length - 1)])
}

/** All passes in words: "3 turns", "2 turns, then 1 3/4 turns". */
export function passesWords(press: PressSetting): string {
  const words = passReadings(press).map((pass) => readingsWords(press.scale, pass))
  return words.every((one, _, [first]) => one.localeCompare(first) === 0) ? words[0] : words.join(', then ')
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
    layers: [{ name: 'Sheet', thicknessMm: caliperMm, ...DAMP_PAPER }, ...press.pack.map(reckoned)],
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

/** Gap at a reading once the frame has given way under plate and sheet, mm; null: nobody measured this press. */
export function pressedGap(
  press: PressSetting,
  reading: number,
  plate: PlateSize,
  paper: SheetSize,
): number | null {
  const set = gapMm(press, reading)
  if (set === null) return null
  return gapUnderLoad(
    stackOf(press, plate.thicknessMm, paper.caliperMm),
    set,
    acrossOf(plate, paper),
    press.frameNPerMm,
  )
}

/** Solves the stack of a bench at one reading; null: nobody measured this press, so that no gap is known. */
export function squeezeAtReading(
  press: PressSetting,
  reading: number,
  plate: PlateSize,
  paper: SheetSize,
): SqueezeAt | null {
  const gap = pressedGap(press, reading, plate, paper)
  return gap === null ? null : squeezeAt(press, gap, plate.thicknessMm, paper.caliperMm)
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
 * Whether there is no roller that stands at a height: rubbed, or rolled over by hand.
 *
 * @param card what the shelf says of the press: earlier releases read what is pressed by hand in turns; null: it is not on the shelf
 */
export const isPressedByHand = (
  { scale }: Pick<PressSetting, 'scale'>,
  card: { kind: PressKind } | null = null,
): boolean => scale.id === 'hand' || (card !== null && isHandKind(card.kind))

/**
 * Why a bench would not print as it stands: nothing is pressed at one side or both, or more than the layers can give; null: it would,
 * or nobody measured how its readings stand to the stack.
 *
 * @param isByHand nothing is said of a hand: `isPressedByHand`
 */
export function pressDoubt({ press, plate, paper }: Pressed, isByHand = false): string | null {
  if (isByHand) return null
  const readings = [press.readingLeft, press.readingRight]
  const gaps = readings.flatMap((reading) => gapMm(press, reading) ?? [])
  if (gaps.length < readings.length) return null
  const contacts = readings.map((reading) => squeezeAtReading(press, reading, plate, paper)?.contact)
  if (contacts.includes('too-tight'))
    return 'The roller stands lower than sheet and blankets can give: plate, blankets or press would suffer.'
  if (!contacts.includes('none')) return null
  const stack = stackOf(press, plate.thicknessMm, paper.caliperMm)
  const apart = -stackCompression({ ...stack, gapMm: Math.max(...gaps) })
  return `Nothing is pressed${contacts.includes('pressed') ? ' on one side' : ''}: the roller stays ${apart.toFixed(2)} mm above the blankets.`
}

/**
 * That a plate does not go under the roller however far the press is opened; null: it does, or nobody measured how far it opens.
 *
 * @example plateTooThick({ press, plate: { widthMm: 100, thicknessMm: 12 } }) // "The plate stands 12 mm high, …"
 */
export function plateTooThick({ press, plate }: Pick<Pressed, 'press' | 'plate'>): string | null {
  const { least, most } = press.scale
  const gaps = [least, most].flatMap((reading) => gapMm(press, reading) ?? [])
  const stands = plate.thicknessMm + press.makeReadyMm
  if (gaps.length === 0 || stands < Math.max(...gaps)) return null
  return `The plate stands ${formatFine(stands, 2)} high, and this press opens to ${formatFine(Math.max(...gaps), 2)}: it does not go under the roller.`
}

/** Whether a layer is pressed to nearly all it can give, so that more squeeze is none; never said of a press nobody measured. */
export function isExhausted({ press, plate, paper }: Pressed): boolean {
  const gaps = [press.readingLeft, press.readingRight].flatMap(
    (reading) => pressedGap(press, reading, plate, paper) ?? [],
  )
  if (gaps.length === 0) return false
  const stack = { ...stackOf(press, plate.thicknessMm, paper.caliperMm), gapMm: Math.min(...gaps) }
  if (!pressStackInput.safeParse(stack).success) return true
  return (
    stackCompression(stack) > 0 &&
    layerShares(stack).some(({ share }) => share !== null && share > NEARLY_ALL)
  )
}
