import { originAt, type Origin } from '../document/origins'
import type { Bench } from './settings'
import { settingEntries, type SettingEntry } from './settingEntries'

/** Where a line of the Slip stands in the settings, where that is not its own name: the first that fits. */
const PATHS: readonly (readonly [RegExp, string])[] = [
  [/^press\.turnsLeft$/, 'press.readingLeft'],
  [/^press\.turnsRight$/, 'press.readingRight'],
  [/^ink\.part\..*$/, 'ink.mixes.0.parts'],
  [/^ink\.modifier\..*$/, 'ink.mixes.0.modifiers'],
  [/^ink\.(.+)$/, 'ink.mixes.0.$1'],
  [/^wipe\.inking\..*$/, 'wipe.inking'],
  [/^wipe\.zoneMap$/, 'wipe.zoneMapVersion'],
  [/^wipe\.(?:order|seconds|strokes|manner)$/, 'wipe.steps'],
  [/^register\.plate\..*$/, 'register.plates'],
]

/** Path of a line of the Slip within the settings. @example pathOfSetting('press.turnsLeft') // 'press.readingLeft' */
export function pathOfSetting(key: string): string {
  const found = PATHS.find(([name]) => name.test(key))
  return found ? key.replace(...found) : key
}

/** Where a setting comes from; null: nobody knows. */
export const originOf = (bench: Bench, key: string): Origin | null =>
  originAt(bench.origins ?? {}, pathOfSetting(key))

/** What is said beside a value of its origin; typed goes without saying. */
export const ORIGIN_WORDS: Record<Origin | 'unknown', string> = {
  default: 'as laid out, nobody set it',
  carried: 'carried over',
  typed: '',
  measured: 'measured',
  unknown: 'not known where from',
}

/** Settings that stand as they were laid out: nobody typed, measured or carried them over. */
export const leftAsLaidOut = (bench: Bench): SettingEntry[] =>
  settingEntries(bench).filter(({ key }) => originOf(bench, key) === 'default')
