'use server'

import { z } from 'zod'
import { originsSchema } from '@/core/document/origins'
import { benchSchema, SETTING_STATIONS, type SettingStation } from '@/core/prove/settings'
import { restoreBench, saveStation } from '@/data/shop/jobs'
import { act } from '../act/act'
import { JOB_TARGET } from '../act/jobTarget'

const stationInput = z.strictObject({
  ...JOB_TARGET,
  station: z.enum(SETTING_STATIONS as [SettingStation, ...SettingStation[]]),
  value: z.unknown(),
  origins: originsSchema.default({}),
})

/** Keeps the setting of one station. Called while the person works, so it does not reload the page. */
export const saveStationAction = act(
  stationInput,
  'shop',
  async ({ jobId, revision, station, value, origins }, at) => ({
    revision: await saveStation(jobId, revision, station, value, at, origins),
  }),
)

/** Puts the whole bench back to earlier settings. */
export const restoreBenchAction = act(
  z.strictObject({ ...JOB_TARGET, bench: benchSchema }),
  'shop',
  async ({ jobId, revision, bench }) => ({ revision: await restoreBench(jobId, revision, bench) }),
  { shows: 'job' },
)
