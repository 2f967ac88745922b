import type { DaySetting } from './dayPlan'

/** A day of twelve pulls with a tub for three: what the plans worked by hand begin from. */
export const sampleDay: DaySetting = {
  pulls: 12,
  setUpMinutes: 30,
  inkWipeMinutes: 14,
  pullMinutes: 6,
  cleanUpMinutes: 25,
  soakMinutes: 30,
  drainMinutes: 4,
  windowMinutes: 40,
  tubSheets: 3,
  dryingPlaces: null,
}
