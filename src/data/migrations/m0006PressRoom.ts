import { json, key, ofJob, optionalJson, optionalReal, optionalText, real, serial, text } from './columns'
import type { Migration } from './migration'

const ofPress = { ...text, references: { model: 'presses', key: 'id' } }

/** Press and blanket cards, what was tried on a press, and misfits of second plates. */
export const m0006PressRoom: Migration = {
  name: '0006-press-room',
  columns: {
    presses: {
      kind: { ...text, defaultValue: 'two-screw' },
      rollerLengthMm: optionalReal,
      bedLengthMm: optionalReal,
      serial: { ...text, defaultValue: '' },
      gauge: { ...json, defaultValue: [] },
      frameNPerMm: optionalReal,
    },
    packs: { blanketIds: optionalJson },
    press_events: { id: serial, pressId: ofPress, event: json, at: text, by: text },
    blankets: {
      id: key,
      name: text,
      kind: text,
      newMm: real,
      nowMm: real,
      modulusMPa: optionalReal,
      since: optionalText,
      clogging: text,
      sideUp: text,
      note: text,
    },
    washes: {
      id: serial,
      blanketId: { ...text, references: { model: 'blankets', key: 'id' } },
      at: text,
      by: text,
    },
    pressure_trials: { id: serial, pressId: ofPress, jobId: ofJob, trial: json, at: text, by: text },
    misfits: { id: serial, jobId: ofJob, plate: text, marks: json, at: text, by: text },
  },
  indexes: [
    ['press_events', ['pressId'], false],
    ['washes', ['blanketId'], false],
    ['pressure_trials', ['pressId'], false],
    ['misfits', ['jobId'], false],
  ],
}
