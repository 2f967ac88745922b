import { morningReadingsSchema } from '@/core/morning/morningSheet'
import { keptDaySchema } from '@/core/day/keptDay'
import { queueInput } from '@/core/day/pressQueue'
import { documentKind, type DocumentKind } from '@/core/document/documentKind'
import { numberingInput } from '@/core/dry/numbering'
import { deskRailsSchema, RAILS_STEPS } from '@/core/edition/deskRails'
import { rosterSchema } from '@/core/edition/roster'
import { handsSchema } from '@/core/edition/pull'
import { pullEventDocument } from '@/core/edition/pullEventDocument'
import { mixSettingSchema } from '@/core/ink/mix'
import { inkCalibrationSchema } from '@/core/ink/stiffness'
import { artworkSchema } from '@/core/plate/artwork'
import { biteStripSchema } from '@/core/plate/biteCurve'
import { bitePlanSchema } from '@/core/plate/bitePlan'
import { makingEventSchema } from '@/core/plate/making'
import { procedureSchema } from '@/core/plate/procedure'
import { zoneMapSchema } from '@/core/plate/zoneMap'
import { pressEventSchema } from '@/core/press/pressCard'
import { pressureScaleSchema } from '@/core/press/pressureScaleSchema'
import { pressureTrialDocument } from '@/core/press/pressureTrialDocument'
import { benchDocument, settingsDocument } from '@/core/prove/settingsDocument'
import { batRunsDocument } from '@/core/record/batDocument'
import { custodyMoveSchema } from '@/core/record/custody'
import { colleSettingSchema } from '@/core/register/chineColle'

/**
 * Every document the database keeps, by table and column: read through its chain of upgrades, with what this release does not know set
 * aside, and written strictly with its version. Rows themselves are never rewritten.
 */
export const DOCUMENTS: Readonly<
  Record<string, Readonly<Record<string, DocumentKind<unknown>>> | undefined>
> = {
  mornings: { readings: documentKind(morningReadingsSchema) },
  card_versions: { mix: documentKind(mixSettingSchema) },
  bite_strips: { strip: documentKind(biteStripSchema) },
  bite_plans: { plan: documentKind(bitePlanSchema) },
  calibrations: { calibration: documentKind(inkCalibrationSchema) },
  runs: { bench: benchDocument },
  pulls: { settings: settingsDocument, hands: documentKind(handsSchema) },
  withdrawn_pulls: { settings: settingsDocument, hands: documentKind(handsSchema) },
  pull_events: { event: pullEventDocument },
  bats: { runs: batRunsDocument },
  artworks: { artwork: documentKind(artworkSchema) },
  procedures: { procedure: documentKind(procedureSchema) },
  makings: { procedure: documentKind(procedureSchema) },
  making_events: { event: documentKind(makingEventSchema) },
  zone_maps: { map: documentKind(zoneMapSchema) },
  colle_pieces: { setting: documentKind(colleSettingSchema) },
  days: { setting: documentKind(keptDaySchema.shape.setting) },
  queues: { input: documentKind(queueInput) },
  press_events: { event: documentKind(pressEventSchema) },
  presses: { scale: documentKind(pressureScaleSchema, { showsVersion: true }) },
  pressure_trials: { trial: pressureTrialDocument },
  desk_meetings: { rails: documentKind(deskRailsSchema, { steps: RAILS_STEPS }) },
  custody: { move: documentKind(custodyMoveSchema) },
  sortings: { numbering: documentKind(numberingInput) },
  rosters: { roster: documentKind(rosterSchema) },
}

/**
 * Columns that hold plain lists and nothing that grows: they have no version of their own, and are read by the schema of their row.
 * What is neither here nor among the documents is told by a test.
 */
export const PLAIN_LISTS: Readonly<Record<string, readonly string[] | undefined>> = {
  inks: ['k', 's'],
  batches: ['weighed', 'additions', 'measured'],
  papers: ['reflectance'],
  packs: ['layers', 'blanketIds'],
  presses: ['gauge'],
  jobs: ['credits'],
  days: ['breaks'],
  misfits: ['marks'],
  unlocks: ['marks'],
  acts: ['answer'],
  set_aside: ['aside'],
}
