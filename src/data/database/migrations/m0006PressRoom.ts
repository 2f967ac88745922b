import type { Blanket } from '@/core/press/blanket'
import type { KeptPressEvent, PressDetails } from '@/core/press/pressCard'
import type { PressureTrial } from '@/core/press/pressureTrials'
import type { MisfitMark } from '@/core/register/misfitHistory'
import {
  json,
  key,
  ofJob,
  optionalJson,
  optionalReal,
  optionalText,
  real,
  serial,
  text,
  textOf,
} from './columns'
import type { Gauge } from '@/core/press/gauge'
import type { Migration } from './migration'

const ofPress = { ...text, references: { model: 'presses', key: 'id' } }

/** Press and blanket cards, what was tried on a press, and misfits of second plates. */
export const m0006PressRoom = {
  name: '0006-press-room',
  columns: {
    presses: {
      kind: { ...textOf<PressDetails['kind']>(), defaultValue: 'two-screw' },
      rollerLengthMm: optionalReal,
      bedLengthMm: optionalReal,
      serial: { ...text, defaultValue: '' },
      gauge: { ...json<Gauge>(), defaultValue: [] },
      frameNPerMm: optionalReal,
    },
    packs: { blanketIds: optionalJson<string[]>() },
    press_events: {
      id: serial,
      pressId: ofPress,
      event: json<KeptPressEvent['event']>(),
      at: text,
      by: text,
    },
    blankets: {
      id: key,
      name: text,
      kind: textOf<Blanket['kind']>(),
      newMm: real,
      nowMm: real,
      modulusMPa: optionalReal,
      since: optionalText,
      clogging: textOf<Blanket['clogging']>(),
      sideUp: textOf<Blanket['sideUp']>(),
      note: text,
    },
    washes: {
      id: serial,
      blanketId: { ...text, references: { model: 'blankets', key: 'id' } },
      at: text,
      by: text,
    },
    pressure_trials: {
      id: serial,
      pressId: ofPress,
      jobId: ofJob,
      trial: json<PressureTrial>(),
      at: text,
      by: text,
    },
    misfits: { id: serial, jobId: ofJob, plate: text, marks: json<MisfitMark[]>(), at: text, by: text },
  },
  indexes: [
    ['press_events', ['pressId'], false],
    ['washes', ['blanketId'], false],
    ['pressure_trials', ['pressId'], false],
    ['misfits', ['jobId'], false],
  ],
} satisfies Migration
