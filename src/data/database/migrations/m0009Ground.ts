import type { SetAside } from '@/core/document/setAside'
import { json, key, ofJob, optionalText, serial, text } from './columns'
import type { Migration } from './migration'

/** Who said it, by id: null for what was said before people had one. */
const byId = { byId: { ...optionalText, references: { model: 'people', key: 'id' } } }

/**
 * What every act stands on: acts that were done, with what was answered, so that one sent twice is done once; people with ids; and what
 * a job holds that this release does not know.
 */
export const m0009Ground = {
  name: '0009-ground',
  columns: {
    people: { id: key, name: text, since: text },
    acts: { key, answer: json<object>(), at: text },
    set_aside: { id: serial, jobId: ofJob, aside: json<SetAside>() },
    pull_events: byId,
    making_events: byId,
    press_events: byId,
    day_events: byId,
    custody: byId,
    unlocks: byId,
    sheet_marks: byId,
    stock_moves: byId,
    washes: byId,
    facings: byId,
    misfits: byId,
    pressure_trials: byId,
    bath_uses: byId,
    card_versions: byId,
    batches: byId,
    zone_maps: byId,
    dryings: byId,
  },
  indexes: [['set_aside', ['jobId'], false]],
} satisfies Migration
