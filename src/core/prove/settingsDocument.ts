import { documentKind } from '../document/documentKind'
import { benchSchema, settingsSchema } from './settings'
import { SETTINGS_UPGRADES } from './settingsUpgrades'

/** Settings of any version, as they are kept. */
export const settingsDocument = documentKind(settingsSchema, { steps: SETTINGS_UPGRADES, showsVersion: true })
/** A bench of any version, as it is kept. */
export const benchDocument = documentKind(benchSchema, { steps: SETTINGS_UPGRADES, showsVersion: true })
