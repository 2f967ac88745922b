import { z } from 'zod'
import { originsSchema } from '../document/origins'
import { inkSettingSchema } from '../ink/mix'
import { paperSettingSchema } from '../paper/dampPaper'
import { plateSettingSchema } from '../plate/plate'
import { pressSettingSchema } from '../press/pressSetting'
import { registerSettingSchema } from '../register/registerSetting'
import { wipingOrderSchema } from '../wipe/wipingOrder'

/** Version of the settings' shape; a later one is refused rather than guessed at. */
export const SETTINGS_VERSION = 3

/** The part of the settings each station keeps. */
export const STATION_SETTINGS = {
  plate: plateSettingSchema,
  ink: inkSettingSchema,
  wipe: wipingOrderSchema,
  paper: paperSettingSchema,
  press: pressSettingSchema,
  register: registerSettingSchema,
} as const
export type SettingStation = keyof typeof STATION_SETTINGS
export const SETTING_STATIONS = Object.keys(STATION_SETTINGS) as SettingStation[]

/** All stations in working order; the first six keep settings. */
export const STATIONS = {
  plate: 'Plate',
  ink: 'Ink',
  wipe: 'Wipe',
  paper: 'Paper',
  press: 'Press',
  register: 'Register',
  prove: 'Prove',
  edition: 'Edition',
  dry: 'Dry & Sign',
  record: 'Record',
} as const
export type Station = keyof typeof STATIONS
export const STATION_KEYS = Object.keys(STATIONS) as Station[]

const version = z.literal(SETTINGS_VERSION, {
  error: (issue) =>
    `settings of version ${String(issue.input)} are from a later Typothesis; this one reads version ${SETTINGS_VERSION}`,
})

/** Where the values come from, by path such as `press.passes`; left out: nobody knows. */
const origins = originsSchema.optional()

/** A full snapshot of what a pull was made with: immutable once a pull refers to it. */
export const settingsSchema = z.strictObject({ version, ...STATION_SETTINGS, origins })
export type Settings = z.infer<typeof settingsSchema>

/** The bench before everything is set: a station nobody has set yet is null. */
export const benchSchema = z.strictObject({
  version,
  plate: plateSettingSchema.nullable(),
  ink: inkSettingSchema.nullable(),
  wipe: wipingOrderSchema.nullable(),
  paper: paperSettingSchema.nullable(),
  press: pressSettingSchema.nullable(),
  register: registerSettingSchema.nullable(),
  origins,
})
export type Bench = z.infer<typeof benchSchema>

/** A bench on which nothing is set. */
export const EMPTY_BENCH: Bench = {
  version: SETTINGS_VERSION,
  plate: null,
  ink: null,
  wipe: null,
  paper: null,
  press: null,
  register: null,
}

/** Something that keeps a bench from being pulled from, at the station and field where it is mended. */
export interface BenchProblem {
  station: SettingStation
  field: string
  message: string
}

/** Conditions between stations: a plate must fit its sheet. Reported at both, so that it shows where the person stands. */
export function checkBench({ plate, paper }: Pick<Bench, 'plate' | 'paper'>): BenchProblem[] {
  if (!plate || !paper) return []
  const sides = [
    ['widthMm', 'sheetWidthMm', 'wider'],
    ['heightMm', 'sheetHeightMm', 'taller'],
  ] as const
  return sides.flatMap(([plateSide, paperSide, word]) => {
    if (plate[plateSide] <= paper[paperSide]) return []
    const message = `The plate is ${word} (${plate[plateSide]} mm) than the sheet (${paper[paperSide]} mm).`
    return [
      { station: 'plate' as const, field: plateSide, message },
      { station: 'paper' as const, field: paperSide, message },
    ]
  })
}

/** Stations nobody has set yet, in working order. */
export function unsetStations(bench: Bench): SettingStation[] {
  return SETTING_STATIONS.filter((station) => bench[station] === null)
}
