import { z } from 'zod'
import { nonNegative } from '../units/schemas'
import type { Bench } from './settings'
import { settingEntries, type SettingEntry } from './settingEntries'

/** Tolerance a setting, by key, on either side; null: must be the same. Settings not named have their usual tolerance. */
export const tolerancesSchema = z.record(z.string().max(200), nonNegative.max(1e6).nullable())
export type Tolerances = z.infer<typeof tolerancesSchema>

/** The usual tolerance of every setting of a bench. */
export function usualTolerances(bench: Bench): Tolerances {
  return Object.fromEntries(settingEntries(bench).map(({ key, usualTolerance }) => [key, usualTolerance]))
}

/** One line of the Slip. */
export interface SlipLine {
  key: string
  station: SettingEntry['station']
  label: string
  /** what the BAT was pulled with; null when it had no such setting */
  bat: string | null
  /** what the bench says now; null when it has no such setting */
  now: string | null
  tolerance: number | null
  /** how far from the BAT in tolerances, −1 … 1 within; null when it cannot be measured */
  offset: number | null
  standing: 'as-bat' | 'within' | 'outside' | 'no-bat'
}

/**
 * Holds a bench to the BAT, setting by setting.
 *
 * @param bat null before the approval: every line then stands as `no-bat`
 */
export function readSlip(bench: Bench, bat: { settings: Bench; tolerances: Tolerances } | null): SlipLine[] {
  const now = settingEntries(bench)
  if (!bat)
    return now.map(({ key, station, label, text }) => ({
      key,
      station,
      label,
      bat: null,
      now: text,
      tolerance: null,
      offset: null,
      standing: 'no-bat',
    }))
  const held = new Map(settingEntries(bat.settings).map((entry) => [entry.key, entry]))
  const lines = now.map((entry): SlipLine => holdTo(entry, held.get(entry.key), bat.tolerances))
  const gone = [...held.values()].filter((entry) => !now.some(({ key }) => key === entry.key))
  return [
    ...lines,
    ...gone.map((entry): SlipLine => ({
      key: entry.key,
      station: entry.station,
      label: entry.label,
      bat: entry.text,
      now: null,
      tolerance: null,
      offset: null,
      standing: 'outside',
    })),
  ]
}

function holdTo(entry: SettingEntry, held: SettingEntry | undefined, tolerances: Tolerances): SlipLine {
  const base = {
    key: entry.key,
    station: entry.station,
    label: entry.label,
    now: entry.text,
    bat: held?.text ?? null,
  }
  if (!held) return { ...base, tolerance: null, offset: null, standing: 'outside' }
  const tolerance = entry.key in tolerances ? tolerances[entry.key] : entry.usualTolerance
  if (typeof entry.value !== 'number' || typeof held.value !== 'number') {
    return {
      ...base,
      tolerance: null,
      offset: null,
      standing: entry.value === held.value ? 'as-bat' : 'outside',
    }
  }
  const difference = entry.value - held.value
  if (Math.abs(difference) < 1e-9) return { ...base, tolerance, offset: 0, standing: 'as-bat' }
  const within = tolerance !== null && Math.abs(difference) <= tolerance + 1e-9
  return {
    ...base,
    tolerance,
    offset: tolerance ? difference / tolerance : null,
    standing: within ? 'within' : 'outside',
  }
}
