import { json, key, ofJob, serial, text, whole } from './columns'
import type { Migration } from './migration'

/** What a printing day keeps: how it was begun, what happened to its sheets, and the queue of an open day. */
export const m0003PrintingDay: Migration = {
  name: '0003-printing-day',
  columns: {
    days: { id: key, jobId: ofJob, setting: json, startAt: text, breaks: json, by: text },
    day_events: {
      id: serial,
      dayId: { ...text, references: { model: 'days', key: 'id' } },
      sheet: whole,
      kind: text,
      at: text,
      by: text,
    },
    queues: { id: key, name: text, input: json, startAt: text, by: text },
  },
  indexes: [
    ['days', ['jobId'], false],
    ['day_events', ['dayId', 'sheet', 'kind'], true],
  ],
}
