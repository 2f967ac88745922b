import type { BlanketKind } from './blanket'
import type { LaidLayer, PressSetting } from './pressSetting'

/**
 * What is laid into a stack beside blankets, with what it does there; thickness in mm, modulus in MPa and strain are what such things
 * usually have [from memory; only ratios to the BAT are used].
 */
export const LAID_THINGS = {
  blotter: {
    label: 'Blotter',
    does: 'catches size, hides the felt’s texture',
    thicknessMm: 0.6,
    modulusMPa: 4,
    densificationStrain: 0.6,
  },
  newsprint: {
    label: 'Newsprint, dry',
    does: 'saves the blanket from ink',
    thicknessMm: 0.08,
    modulusMPa: 8,
    densificationStrain: 0.5,
  },
  'damp-newsprint': {
    label: 'Newsprint, damp',
    does: 'catches size, keeps the sheet damp',
    thicknessMm: 0.1,
    modulusMPa: 6,
    densificationStrain: 0.55,
  },
  towel: {
    label: 'Kitchen towel',
    does: 'takes up water, and shows its pattern through thin paper',
    thicknessMm: 0.4,
    modulusMPa: 1,
    densificationStrain: 0.75,
  },
  wax: {
    label: 'Wax paper',
    does: 'keeps ink and water off the felt',
    thicknessMm: 0.05,
    modulusMPa: 20,
    densificationStrain: 0.4,
  },
  spare: {
    label: 'Spare sheet',
    does: 'hides texture, spreads the squeeze',
    thicknessMm: 0.5,
    modulusMPa: 12,
    densificationStrain: 0.6,
  },
} as const
export type LaidThing = keyof typeof LAID_THINGS

/** A layer of something that lies on no shelf. */
export function layerOfThing(thing: LaidThing): LaidLayer {
  const { label: name, thicknessMm, modulusMPa, densificationStrain } = LAID_THINGS[thing]
  return { name, thicknessMm, modulusMPa, densificationStrain, of: thing }
}

/** What make-ready under a plate is made of. */
export const MAKE_READY = {
  card: 'card or paper',
  plastic: 'plastic',
  metal: 'metal',
} as const satisfies Record<PressSetting['makeReadyOf'], string>

/** One thing in a stack, as it is drawn. */
export interface Laid {
  what: 'layer' | 'make-ready' | 'plate' | 'sheet'
  name: string
  mm: number
}

/**
 * A stack from the bed upward as it is laid: what lies under the plate, make-ready, plate and sheet in the order of their faces, and
 * what lies over them.
 *
 * @param plateMm null: no plate is set; @param caliperMm null: no paper is
 */
export function stackInOrder(
  {
    pack,
    plateAt,
    isFaceDown,
    makeReadyMm,
  }: Pick<PressSetting, 'pack' | 'plateAt' | 'isFaceDown' | 'makeReadyMm'>,
  plateMm: number | null,
  caliperMm: number | null,
): Laid[] {
  const layer = ({ name, thicknessMm }: LaidLayer): Laid => ({ what: 'layer', name, mm: thicknessMm })
  const plate: Laid[] = plateMm === null ? [] : [{ what: 'plate', name: 'Plate', mm: plateMm }]
  const raised: Laid[] = makeReadyMm > 0 ? [{ what: 'make-ready', name: 'Make-ready', mm: makeReadyMm }] : []
  const sheet: Laid[] = caliperMm === null ? [] : [{ what: 'sheet', name: 'Sheet', mm: caliperMm }]
  return [
    ...pack.slice(0, plateAt).map(layer),
    // Make-ready lies at the plate's back, whichever way that looks.
    ...(isFaceDown ? [...sheet, ...plate, ...raised] : [...raised, ...plate, ...sheet]),
    ...pack.slice(plateAt).map(layer),
  ]
}

/** Paper so light shows what lies right behind it, g/m² [common practice, no source]. */
const SHOWS_BELOW_GSM = 120
/** Blankets whose texture prints through thin paper. */
const FELTS: ReadonlySet<string> = new Set<BlanketKind>([
  'catcher',
  'cushion',
  'pusher',
  'single-felt',
  'polypropylene',
])

/** What is to be said of a stack as it is laid, in words [common practice, no source]. @param gsm weight of the paper; null: not set */
export function laidWarnings(
  press: Pick<PressSetting, 'pack' | 'plateAt' | 'isFaceDown' | 'makeReadyMm' | 'makeReadyOf'>,
  gsm: number | null,
): string[] {
  const { pack, plateAt, isFaceDown, makeReadyMm, makeReadyOf } = press
  const behindSheet = isFaceDown ? pack[plateAt - 1] : pack[plateAt]
  const isThin = gsm !== null && gsm < SHOWS_BELOW_GSM
  return [
    ...(isThin && behindSheet?.of && FELTS.has(behindSheet.of)
      ? [
          `Thin paper right against “${behindSheet.name}” takes its texture: lay a blotter or a spare sheet between.`,
        ]
      : []),
    ...(isThin && behindSheet?.of === 'towel'
      ? ['A kitchen towel behind thin paper shows its pattern: lay a spare sheet between.']
      : []),
    ...(isFaceDown && plateAt === 0
      ? ['The sheet lies on the bare bed under the plate: lay a felt or a blotter below it.']
      : []),
    ...(makeReadyMm > 0 && makeReadyOf !== 'card'
      ? [
          'Make-ready of plastic or metal: bevel its edges and cut it no larger than the plate, or it prints a second mark and cuts the felts. Card need not be.',
        ]
      : []),
  ]
}
