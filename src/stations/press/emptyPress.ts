import { NO_BLANKETS } from '@/core/press/noBlankets'
import { isHandKind } from '@/core/press/pressKind'
import type { PressSetting } from '@/core/press/pressSetting'
import { isSameScale, readOn, settable, toMm, type PressureScale } from '@/core/press/pressureScale'
import { firstReading, turnsScale } from '@/core/press/usualScales'
import type { StorePress } from '@/data/press/presses'
import type { Loose } from '../across/bench/useStation'

/** The press station before anybody set it. */
export const UNSET_PRESS: Loose<PressSetting> = {
  pressId: '',
  name: '',
  rollerRadiusMm: null,
  scale: turnsScale(null),
  readingLeft: 4,
  readingRight: 4,
  laterPasses: [],
  packName: '',
  pack: [],
  plateAt: 0,
  isFaceDown: false,
  makeReadyMm: 0,
  makeReadyOf: 'card',
  passes: 1,
  direction: 'one-way',
  secondsOnPlate: null,
  frameNPerMm: null,
}

/** Settings nobody has to say. */
const MAY_BE_EMPTY: ReadonlySet<string> = new Set(['secondsOnPlate', 'frameNPerMm'])

/** The setting once everything in it is set; null before. By hand, and without blankets by name, none need be laid. */
export const wholePress = (value: Loose<PressSetting>): PressSetting | null =>
  Object.entries(value).some(([key, field]) => (field === null && !MAY_BE_EMPTY.has(key)) || field === '')
    ? null
    : (value as PressSetting)

/** A reading as it stands on another scale: carried through millimetres where both were measured, else where one begins. */
const readingOn = (from: PressureScale, reading: number, to: PressureScale): number =>
  isSameScale(from, to) ? settable(to, reading) : (readOn(from, reading, to) ?? firstReading(to))

/** The bench with another press, read as that press is read. */
export function withPress(value: Loose<PressSetting>, press: StorePress): Partial<Loose<PressSetting>> {
  const from = value.pressId ? value.scale : null
  const at = (reading: number | null) =>
    from && reading !== null ? readingOn(from, reading, press.scale) : firstReading(press.scale)
  return {
    pressId: press.id,
    name: press.name,
    rollerRadiusMm: press.rollerRadiusMm,
    scale: press.scale,
    readingLeft: at(value.readingLeft),
    readingRight: press.scale.sides === 1 ? at(value.readingLeft) : at(value.readingRight),
    laterPasses: [],
    frameNPerMm: press.frameNPerMm,
    ...(isHandKind(press.kind) && !value.packName ? { packName: NO_BLANKETS, pack: [] } : {}),
  }
}

/** Whether the bench reads its press otherwise than its card does by now. */
export const isReadOtherwise = (value: Loose<PressSetting>, press: StorePress | undefined): boolean =>
  press !== undefined && value.scale !== null && !isSameScale(value.scale, press.scale)

/** Whether both ways of reading are known in millimetres, so that one is turned into the other. */
export const canBeCarried = (value: Loose<PressSetting>, press: StorePress): boolean =>
  value.scale !== null &&
  value.readingLeft !== null &&
  toMm(value.scale, value.readingLeft) !== null &&
  readOn(value.scale, value.readingLeft, press.scale) !== null
