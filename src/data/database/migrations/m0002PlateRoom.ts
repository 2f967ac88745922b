import type { Artwork } from '@/core/plate/artwork'
import type { MakingEvent } from '@/core/plate/making'
import type { Procedure } from '@/core/plate/procedure'
import type { ZoneMap } from '@/core/plate/zoneMap'
import type { ColleSetting } from '@/core/register/chineColle'
import { jobKey, json, key, numberKey, ofJob, optionalText, real, serial, text, whole } from './columns'
import type { Migration } from './migration'

/** What the plate room keeps: artwork, procedures and makings, zone maps, watch spots, facings, pieces for chine collé. */
export const m0002PlateRoom = {
  name: '0002-plate-room',
  columns: {
    artworks: { jobId: jobKey, artwork: json<Artwork>(), at: text },
    procedures: { id: key, name: text, procedure: json<Procedure>(), at: text, by: text },
    makings: { id: key, jobId: ofJob, procedure: json<Procedure>(), startedAt: text, by: text },
    making_events: {
      id: serial,
      makingId: { ...text, references: { model: 'makings', key: 'id' } },
      event: json<MakingEvent>(),
      at: text,
      by: text,
    },
    zone_maps: { jobId: jobKey, version: numberKey, map: json<ZoneMap>(), at: text, by: text },
    watch_spots: {
      id: serial,
      jobId: ofJob,
      state: whole,
      xMm: real,
      yMm: real,
      note: text,
      seenAt: text,
      by: text,
      goneAt: optionalText,
    },
    facings: { id: serial, jobId: ofJob, afterPulls: whole, at: text, by: text, note: text },
    colle_pieces: { jobId: jobKey, name: key, setting: json<ColleSetting>(), at: text },
  },
  indexes: [
    ['makings', ['jobId'], false],
    ['making_events', ['makingId'], false],
    ['watch_spots', ['jobId'], false],
    ['facings', ['jobId'], false],
  ],
} satisfies Migration
