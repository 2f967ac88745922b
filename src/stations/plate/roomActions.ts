'use server'

import { z } from 'zod'
import { pointSchema } from '@/core/geometry/point'
import { artworkSchema } from '@/core/plate/artwork'
import { makingEventSchema } from '@/core/plate/making'
import { procedureSchema } from '@/core/plate/procedure'
import { zoneMapSchema } from '@/core/plate/zoneMap'
import { count, label, remark } from '@/core/units/schemas'
import { keepArtwork } from '@/data/plate/artworks'
import { addMakingEvent, beginMaking, keepProcedure } from '@/data/plate/makings'
import { addFacing, addWatchSpot, endWatchSpot } from '@/data/plate/plateWatch'
import { keepZoneMap } from '@/data/plate/zoneMaps'
import { readArtworkOf } from '@/data/plate/artworkReadings'
import { act, ask } from '../across/act/act'

/** Keeps a zone map as the next version. */
export const keepZoneMapAction = act(
  z.strictObject({ jobId: label, after: count, map: zoneMapSchema, by: label }),
  'shop',
  async ({ jobId, after, map, by }, at) => ({ version: await keepZoneMap(jobId, after, map, by, at) }),
  { shows: 'job' },
)

/** Keeps what is made of a picture. Called while the person works, so it does not reload the page. */
export const keepArtworkAction = act(
  z.strictObject({ jobId: label, artwork: artworkSchema }),
  'shop',
  async ({ jobId, artwork }, at) => {
    await keepArtwork(jobId, artwork, at)
    return {}
  },
)

/** Reads the artwork's own dots: open area and widest black; null: there is no artwork. */
export const readArtworkAction = ask(z.strictObject({ jobId: label }), 'shop', async ({ jobId }) => ({
  reading: await readArtworkOf(jobId),
}))

/** Begins the making of a plate. */
export const beginMakingAction = act(
  z.strictObject({ jobId: label, id: label, procedure: procedureSchema, by: label }),
  'shop',
  async ({ jobId, id, procedure, by }, at) => {
    await beginMaking(jobId, id, procedure, by, at)
    return {}
  },
  { shows: 'job' },
)

/** Adds what happened at a step of a making. */
export const addMakingEventAction = act(
  z.strictObject({ makingId: label, event: makingEventSchema, by: label }),
  'shop',
  async ({ makingId, event, by }, at) => {
    await addMakingEvent(makingId, event, by, at)
    return {}
  },
  { shows: 'job' },
)

/** Keeps a variant as a procedure of the workshop's own. */
export const keepProcedureAction = act(
  z.strictObject({ procedure: procedureSchema, by: label }),
  'shop',
  async ({ procedure, by }, at) => ({ id: await keepProcedure(procedure, by, at) }),
  { shows: 'job' },
)

/** Keeps a known flaw as a spot to watch. */
export const addWatchSpotAction = act(
  z.strictObject({ jobId: label, state: count, at: pointSchema, note: remark, by: label }),
  'shop',
  async ({ jobId, ...spot }, seenAt) => {
    await addWatchSpot(jobId, { ...spot, seenAt })
    return {}
  },
  { shows: 'job' },
)

/** Marks a watch spot as gone. */
export const endWatchSpotAction = act(
  z.strictObject({ jobId: label, id: count }),
  'shop',
  async ({ jobId, id }, at) => {
    await endWatchSpot(jobId, id, at)
    return {}
  },
  { shows: 'job' },
)

/** Records a steel facing. */
export const addFacingAction = act(
  z.strictObject({ jobId: label, by: label, note: remark }),
  'shop',
  async ({ jobId, ...facing }, at) => {
    await addFacing(jobId, { ...facing, at })
    return {}
  },
  { shows: 'job' },
)
