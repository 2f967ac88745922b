'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { benchSchema, SETTING_STATIONS, type SettingStation } from '@/core/prove/settings'
import { count, label } from '@/core/units/schemas'
import { restoreBench, saveStation } from '@/data/jobs'
import { answer, type Answer } from './answer'

const target = { jobId: label, revision: count }
const stationInput = z.strictObject({
  ...target,
  station: z.enum(SETTING_STATIONS as [SettingStation, ...SettingStation[]]),
  value: z.unknown(),
})

/** Keeps the setting of one station. Called while the person works, so it does not reload the page. */
export async function saveStationAction(
  input: z.infer<typeof stationInput>,
): Promise<Answer<{ revision: number }>> {
  return answer(async () => {
    const { jobId, revision, station, value } = stationInput.parse(input)
    return { revision: await saveStation(jobId, revision, station, value, new Date().toISOString()) }
  })
}

const restoreInput = z.strictObject({ ...target, bench: benchSchema })

/** Puts the whole bench back to earlier settings. */
export async function restoreBenchAction(
  input: z.infer<typeof restoreInput>,
): Promise<Answer<{ revision: number }>> {
  return answer(async () => {
    const { jobId, revision, bench } = restoreInput.parse(input)
    const next = await restoreBench(jobId, revision, bench)
    revalidatePath('/', 'layout')
    return { revision: next }
  })
}
