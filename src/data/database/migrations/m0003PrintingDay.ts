import type { DayEvent, KeptDay } from '@/core/day/keptDay'
import type { QueueInput } from '@/core/day/pressQueue'
import { json, key, ofJob, serial, text, textOf, whole } from './columns'
import type { Migration } from './migration'

/** What a printing day keeps: how it was begun, what happened to its sheets, and the queue of an open day. */
export const m0003PrintingDay = {
  name: '0003-printing-day',
  columns: {
    days: {
      id: key,
      jobId: ofJob,
      setting: json<KeptDay['setting']>(),
      startAt: text,
      breaks: json<KeptDay['breaks']>(),
      by: text,
    },
    day_events: {
      id: serial,
      dayId: { ...text, references: { model: 'days', key: 'id' } },
      sheet: whole,
      kind: textOf<DayEvent['kind']>(),
      at: text,
      by: text,
    },
    queues: { id: key, name: text, input: json<QueueInput>(), startAt: text, by: text },
  },
  indexes: [
    ['days', ['jobId'], false],
    ['day_events', ['dayId', 'sheet', 'kind'], true],
  ],
} satisfies Migration
