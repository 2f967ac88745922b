import { READ_BY } from './pressCard'
import type { PressKind } from './pressKind'
import type { PressureScale, WayOfReading } from './pressureScale'
import { USUAL_SCALES } from './usualScales'

/** What a press of a kind is called until somebody gives it a name. */
const CALLED: Record<PressKind, string> = {
  'two-screw': 'Press with two screws',
  'single-screw': 'Press with one screw',
  geared: 'Geared press',
  'kitchen-roller': 'Kitchen roller',
  baren: 'Baren or spoon',
  'rolling-pin': 'Rolling pin',
}

/** What is written beside a press of which only kind and reading were said. */
export const TAKEN_AS_USUAL = 'Roller and bed as presses of its kind usually have them, not measured.'

/** Roller and bed a small press usually has, mm [from memory]. */
export const USUAL_ROLLER_RADIUS_MM = 45
export const USUAL_BED_WIDTH_MM = 400

/** How a press of a kind is read, the usual way first. */
export const waysOf = (kind: PressKind): readonly WayOfReading[] => READ_BY[kind]

/** The scale of a press that is read in a way, before anything of it was measured. */
export const scaleBy = (kind: PressKind, way: WayOfReading): PressureScale =>
  kind === 'single-screw' ? { ...USUAL_SCALES[way], sides: 1 } : USUAL_SCALES[way]

/**
 * A press as it goes into the store of which only its kind and how it is read were said.
 *
 * @example pressByAnswer('baren', 'hand').name // 'Baren or spoon'
 */
export const pressByAnswer = (kind: PressKind, way: WayOfReading) => ({
  name: CALLED[kind],
  kind,
  scale: scaleBy(kind, way),
  rollerRadiusMm: USUAL_ROLLER_RADIUS_MM,
  bedWidthMm: USUAL_BED_WIDTH_MM,
  note: TAKEN_AS_USUAL,
})
