'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { artworkSchema } from '@/core/plate/artwork'
import { makingEventSchema } from '@/core/plate/making'
import { procedureSchema } from '@/core/plate/procedure'
import { pointSchema } from '@/core/geometry/polygon'
import { zoneMapSchema } from '@/core/plate/zoneMap'
import { count, label, remark } from '@/core/units/schemas'
import { keepArtwork } from '@/data/artworks'
import { addMakingEvent, beginMaking, keepProcedure } from '@/data/makings'
import { addFacing, addWatchSpot, endWatchSpot } from '@/data/plateWatch'
import { keepZoneMap } from '@/data/zoneMaps'
import { answer, type Answer } from '../bench/answer'

const now = () => new Date().toISOString()

/** Does a write and makes the pages read anew. */
async function done<T extends object>(act: () => Promise<T>): Promise<Answer<T>> {
  return answer(async () => {
    const result = await act()
    revalidatePath('/', 'layout')
    return result
  })
}

const zoneMapInput = z.strictObject({ jobId: label, after: count, map: zoneMapSchema, by: label })

/** Keeps a zone map as the next version. */
export async function keepZoneMapAction(
  input: z.infer<typeof zoneMapInput>,
): Promise<Answer<{ version: number }>> {
  return done(async () => {
    const { jobId, after, map, by } = zoneMapInput.parse(input)
    return { version: await keepZoneMap(jobId, after, map, by, now()) }
  })
}

/** Keeps what is made of a picture. Called while the person works, so it does not reload the page. */
export async function keepArtworkAction(
  jobId: string,
  artwork: z.infer<typeof artworkSchema>,
): Promise<Answer> {
  return answer(async () => {
    await keepArtwork(label.parse(jobId), artwork, now())
    return {}
  })
}

const beginInput = z.strictObject({ jobId: label, id: label, procedure: procedureSchema, by: label })

/** Begins the making of a plate. */
export async function beginMakingAction(input: z.infer<typeof beginInput>): Promise<Answer> {
  return done(async () => {
    const { jobId, id, procedure, by } = beginInput.parse(input)
    await beginMaking(jobId, id, procedure, by, now())
    return {}
  })
}

const eventInput = z.strictObject({ makingId: label, event: makingEventSchema, by: label })

/** Adds what happened at a step of a making. */
export async function addMakingEventAction(input: z.infer<typeof eventInput>): Promise<Answer> {
  return done(async () => {
    const { makingId, event, by } = eventInput.parse(input)
    await addMakingEvent(makingId, event, by, now())
    return {}
  })
}

/** Keeps a variant as a procedure of the workshop's own. */
export async function keepProcedureAction(
  procedure: z.infer<typeof procedureSchema>,
  by: string,
): Promise<Answer<{ id: string }>> {
  return done(async () => ({ id: await keepProcedure(procedure, by, now()) }))
}

const spotInput = z.strictObject({ jobId: label, state: count, at: pointSchema, note: remark, by: label })

/** Keeps a known flaw as a spot to watch. */
export async function addWatchSpotAction(input: z.infer<typeof spotInput>): Promise<Answer> {
  return done(async () => {
    const { jobId, ...spot } = spotInput.parse(input)
    await addWatchSpot(jobId, { ...spot, seenAt: now() })
    return {}
  })
}

/** Marks a watch spot as gone. */
export async function endWatchSpotAction(jobId: string, id: number): Promise<Answer> {
  return done(async () => {
    await endWatchSpot(label.parse(jobId), count.parse(id), now())
    return {}
  })
}

const facingInput = z.strictObject({ jobId: label, by: label, note: remark })

/** Records a steel facing. */
export async function addFacingAction(input: z.infer<typeof facingInput>): Promise<Answer> {
  return done(async () => {
    const { jobId, ...facing } = facingInput.parse(input)
    await addFacing(jobId, { ...facing, at: now() })
    return {}
  })
}
