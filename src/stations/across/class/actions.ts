'use server'

import { z } from 'zod'
import { makerSchema, rosterSchema } from '@/core/edition/roster'
import { positive } from '@/core/units/schemas'
import { forgetNames, keepRoster, makerPullSchema, pullForMaker, setStanding } from '@/data/across/rosters'
import { act } from '../act/act'
import { JOB_TARGET } from '../act/jobTarget'

/** Keeps who is in a class. */
export const keepRosterAction = act(
  z.strictObject({ ...JOB_TARGET, roster: rosterSchema }),
  'shop',
  async ({ jobId, revision, roster }) => ({ revision: await keepRoster(jobId, revision, roster) }),
  { shows: 'job' },
)

/** Says how a maker stands. */
export const setStandingAction = act(
  z.strictObject({ ...JOB_TARGET, makerId: positive.int(), standing: makerSchema.shape.standing }),
  'shop',
  async ({ jobId, revision, makerId, standing }) => ({
    revision: await setStanding(jobId, revision, makerId, standing),
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
