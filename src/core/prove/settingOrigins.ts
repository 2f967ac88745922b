import { originAt, type Origin } from '../document/origins'
import type { Bench } from './settings'
import { settingEntries, type SettingEntry } from './settingEntries'

/** Where a setting comes from; null: nobody knows. */
export const originOf = (
  { origins }: Pick<Bench, 'origins'>,
  { path }: Pick<SettingEntry, 'path'>,
): Origin | null => originAt(origins ?? {}, path)

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
  settingEntries(bench).filter((entry) => originOf(bench, entry) === 'default')
