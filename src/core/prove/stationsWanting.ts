import { purposeFacts, type Purpose } from './purpose'
import { unsetStations, type Bench, type SettingStation } from './settings'

/** Stations that must still be set before a pull, in working order. */
export const stationsWanting = (bench: Bench, purpose: Purpose): SettingStation[] =>
  unsetStations(bench).filter((station) => purposeFacts(purpose).needs.includes(station))
