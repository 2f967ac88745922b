'use server'

import { z } from 'zod'
import { rosterSchema } from '@/core/edition/roster'
import { positive } from '@/core/units/schemas'
import {
  changeMaker,
  forgetNames,
  keepRoster,
  makerChangeSchema,
  makerPullSchema,
  pullForMaker,
} from '@/data/across/rosters'
import { act } from '../act/act'
import { JOB_TARGET } from '../act/jobTarget'

/** Keeps who is in a class. */
export const keepRosterAction = act(
  z.strictObject({ ...JOB_TARGET, roster: rosterSchema }),
  'shop',
  async ({ jobId, revision, roster }) => ({ revision: await keepRoster(jobId, revision, roster) }),
  { shows: 'job', isLong: true },
)

/** Says how a maker stands, or what their plate is of. */
export const changeMakerAction = act(
  z.strictObject({ ...JOB_TARGET, makerId: positive.int(), said: makerChangeSchema }),
  'shop',
  async ({ jobId, revision, makerId, said }) => ({
    revision: await changeMaker(jobId, revision, makerId, said),
  }),
  { shows: 'job' },
)

/** Pulls a maker's plate. */
export const pullForMakerAction = act(
  z.strictObject({ ...JOB_TARGET, ...makerPullSchema.shape }),
  'shop',
  async ({ jobId, revision, makerId, pull }, at) => ({
    revision: await pullForMaker(jobId, revision, makerId, pull, at),
  }),
  { shows: 'job' },
)

/** Takes the names out of a class whose prints went home. */
export const forgetNamesAction = act(
  z.strictObject({ ...JOB_TARGET, today: z.iso.date() }),
  'shop',
  async ({ jobId, revision, today }) => ({ revision: await forgetNames(jobId, revision, today) }),
  { shows: 'job' },
)
