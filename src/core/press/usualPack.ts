import {
  BLANKET_KINDS,
  layerOfBlanket,
  layPack,
  PACK_SCHOOLS,
  type Blanket,
  type BlanketKind,
} from './blanket'
import type { PressKind } from './pressKind'
import type { LaidLayer, PressSetting } from './pressSetting'

/** How thick a blanket of a kind usually is once it is run in, mm [from memory]. */
const USUAL_MM: Record<BlanketKind, number> = {
  catcher: 1.5,
  cushion: 3,
  pusher: 2.5,
  'single-felt': 3,
  tissue: 0.05,
  polypropylene: 2,
}

/** What is usually laid at a press of a kind [common practice, no source]. */
const USUAL_SCHOOL: Record<PressKind, keyof typeof PACK_SCHOOLS> = {
  'two-screw': 'three',
  'single-screw': 'three',
  geared: 'three',
  'kitchen-roller': 'wringer',
  baren: 'none',
  'rolling-pin': 'none',
}

/** The layers of a school's pack as such blankets usually are. */
export const schoolPack = (school: keyof typeof PACK_SCHOOLS): LaidLayer[] =>
  PACK_SCHOOLS[school].kinds.map((of: BlanketKind) => ({
    name: BLANKET_KINDS[of].label,
    of,
    thicknessMm: USUAL_MM[of],
    modulusMPa: BLANKET_KINDS[of].modulusMPa,
    densificationStrain: BLANKET_KINDS[of].densificationStrain,
  }))

/**
 * The pack one begins with at a press of a kind: from the blankets of the shelf where they are there, else of what such blankets usually
 * are.
 *
 * @example usualPack('baren', []).pack // []
 */
export function usualPack(
  kind: PressKind,
  shelf: readonly (Blanket & { id: string })[],
): Pick<PressSetting, 'packName' | 'pack' | 'plateAt' | 'isFaceDown'> {
  const school = USUAL_SCHOOL[kind]
  const { laid, missing, plateAt, isFaceDown } = layPack(school, shelf)
  const pack = missing.length === 0 ? laid.map(layerOfBlanket) : schoolPack(school)
  return { packName: PACK_SCHOOLS[school].label, pack, plateAt, isFaceDown }
}
