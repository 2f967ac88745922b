import type { Origin, Origins } from '../document/origins'
import { inkOf } from '../ink/mix'
import { laidOutMix, mixFrom } from '../ink/plateInks'
import type { PaperSetting } from '../paper/dampPaper'
import { usualFold } from '../paper/folds'
import type { PaperNumbers } from '../paper/substitutes'
import { usualDamping } from '../paper/usualDamping'
import { PLATE_KINDS, type PlateKind } from '../plate/plate'
import type { Blanket } from '../press/blanket'
import { type PressKind } from '../press/pressKind'
import { pressSettingSchema, type PressSetting } from '../press/pressSetting'
import { firstReading } from '../press/usualScales'
import { usualPack } from '../press/usualPack'
import { usualRegister } from '../register/registerSetting'
import type { Size } from '../units/sizeLine'
import { usualWiping } from '../wipe/usualWiping'
import { EMPTY_BENCH, SETTING_STATIONS, type Bench, type SettingStation } from './settings'

/** What a person says of a new print before anything is done: each part may still be missing. */
export interface BeginWith {
  title: string
  plate: { kind: PlateKind; size: Size } | null
  ink: { id: string; name: string } | null
  /** @param sheet the piece that is printed on; null: as one begins with this plate */
  paper:
    | (Omit<PaperNumbers, 'fibre'> &
        Size & { id: string; grain: PaperSetting['grain']; sides: string; sheet: Size | null })
    | null
  press:
    | (Pick<PressSetting, 'name' | 'rollerRadiusMm' | 'scale' | 'frameNPerMm'> & {
        id: string
        kind: PressKind
        /** what it stands at; null: where one begins */
        reading: number | null
      })
    | null
  /** blankets of the shelf */
  shelf: readonly (Blanket & { id: string })[]
}

/** A plate's edge where nobody has said, degrees from the face: metal and plastic are bevelled, card is not [common practice, no source]. */
const USUAL_BEVEL = { hard: 45, soft: 0 } as const

/** The keys of a part that stand as they were laid out, and those that were said. */
function origins(
  part: string,
  keys: readonly string[],
  said: readonly string[],
  as: Origin = 'typed',
): Origins {
  return Object.fromEntries(
    keys.map((key) => [`${part}.${key}`, said.includes(key) ? as : ('default' as const)]),
  )
}

/** What a station is set to, and where its values come from. */
interface Begun<Station extends SettingStation> {
  setting: NonNullable<Bench[Station]>
  origins: Origins
}

function beginPlate({ title, plate }: BeginWith): Begun<'plate'> | null {
  if (!plate) return null
  const { usualMm, isHard } = PLATE_KINDS[plate.kind]
  const setting = {
    name: title,
    kind: plate.kind,
    ...plate.size,
    thicknessMm: usualMm,
    bevelDegrees: USUAL_BEVEL[isHard ? 'hard' : 'soft'],
    state: 1,
  }
  const said = origins('plate', Object.keys(setting), ['kind', 'widthMm', 'heightMm', 'state'])
  return { setting, origins: { ...said, 'plate.name': 'carried' } }
}

function beginInk({ plate, ink }: BeginWith): Begun<'ink'> | null {
  if (!ink) return null
  const mix = mixFrom({ source: 'ink', ...ink, recipe: null }, laidOutMix(plate?.size ?? null))
  return {
    setting: inkOf(mix),
    origins: origins('ink.mixes.0', Object.keys(mix), ['name', 'parts']),
  }
}

function beginPaper({ plate, paper }: BeginWith): Begun<'paper'> | null {
  if (!paper) return null
  const whole = { widthMm: paper.widthMm, heightMm: paper.heightMm }
  const { widthMm, heightMm } = paper.sheet ?? (plate && usualFold(whole, plate.size)) ?? whole
  const { id: paperId, name, gsm, caliperMm, grain } = paper
  const setting = {
    paperId,
    name,
    gsm,
    caliperMm,
    sheetWidthMm: widthMm,
    sheetHeightMm: heightMm,
    grain,
    ...usualDamping(paper),
  }
  const sheet = paper.sheet ? ['sheetWidthMm', 'sheetHeightMm'] : []
  const said = ['paperId', 'name', 'gsm', 'caliperMm', 'grain', ...sheet]
  return { setting, origins: origins('paper', Object.keys(setting), said) }
}

function beginPress({ press, shelf }: BeginWith): Begun<'press'> | null {
  if (!press) return null
  const { id, kind, reading, name, rollerRadiusMm, scale, frameNPerMm } = press
  const at = reading ?? firstReading(press.scale)
  const setting = pressSettingSchema.parse({
    pressId: id,
    ...{ name, rollerRadiusMm, scale, frameNPerMm },
    readingLeft: at,
    readingRight: at,
    ...usualPack(kind, shelf),
    makeReadyMm: 0,
    passes: 1,
  })
  const read = reading === null ? [] : ['readingLeft', 'readingRight']
  const said = ['pressId', 'name', 'rollerRadiusMm', 'scale', 'frameNPerMm', ...read]
  return { setting, origins: origins('press', Object.keys(setting), said) }
}

/** What goes without saying, laid out by the plate's kind. */
function laidOut<Station extends 'wipe' | 'register'>(
  station: Station,
  setting: Begun<Station>['setting'],
): Begun<Station> {
  return { setting, origins: origins(station, Object.keys(setting), []) }
}

/**
 * A bench that was begun with what an earlier job had where nothing was said: station by station, each value as carried over. The plate is
 * a new one: it has the new name and is in its first state.
 *
 * @param begun with what was said @param earlier bench of the job it begins as @param title of the new job
 */
export function carryInto(begun: Bench, earlier: Bench, title: string): Bench {
  const carried = SETTING_STATIONS.filter((station) => isUnsaid(begun, station) && earlier[station] !== null)
  const known = Object.entries(begun.origins ?? {}).filter(
    ([path]) => !carried.some((station) => path.startsWith(`${station}.`)),
  )
  const { plate } = earlier
  return {
    ...begun,
    ...Object.fromEntries(carried.map((station) => [station, earlier[station]])),
    ...(carried.includes('plate') && plate ? { plate: { ...plate, name: title, state: 1 } } : {}),
    origins: {
      ...Object.fromEntries(known),
      ...Object.fromEntries(carried.map((station) => [station, 'carried' as const])),
    },
  }
}

/** Whether nobody said anything of a station: it is unset, or stands all as it is laid out. */
const isUnsaid = ({ origins, ...bench }: Bench, station: SettingStation): boolean =>
  bench[station] === null ||
  Object.entries(origins ?? {}).every(
    ([path, origin]) => !path.startsWith(`${station}.`) || origin === 'default',
  )

/** How the sheet meets the plate where the press wants it another way than usual. */
const layingAt = ({ press, shelf }: BeginWith): { laying?: 'face-down' } =>
  press && usualPack(press.kind, shelf).isFaceDown ? { laying: 'face-down' } : {}

/**
 * The bench a print begins with: what was said, and around it what is usual for that plate, paper and press. What nobody said keeps its
 * origin, so that it never reads as if somebody had: "as laid out, nobody set it". A station of which nothing was said stays unset; wiping
 * follows the plate, the layout plate and paper.
 *
 * @throws ZodError where a reading is not on the press's scale
 * @example beginBench({ title: 'Reeds', plate: null, ink: null, paper: null, press: null, shelf: [] }) // EMPTY_BENCH
 */
export function beginBench(said: BeginWith): Bench {
  const { plate, paper } = said
  const begun: { [Station in SettingStation]: Begun<Station> | null } = {
    plate: beginPlate(said),
    ink: beginInk(said),
    wipe: plate && laidOut('wipe', usualWiping(plate.kind)),
    paper: beginPaper(said),
    press: beginPress(said),
    register: plate && paper && laidOut('register', { ...usualRegister, ...layingAt(said) }),
  }
  const known: Origins = Object.assign({}, ...SETTING_STATIONS.map((station) => begun[station]?.origins))
  return {
    ...EMPTY_BENCH,
    ...Object.fromEntries(SETTING_STATIONS.map((station) => [station, begun[station]?.setting ?? null])),
    ...(Object.keys(known).length > 0 ? { origins: known } : {}),
  }
}
