'use server'

import { z } from 'zod'
import { approveBat, newBatSchema, notePrintSeen, printSeenSchema } from '@/data/prove/bats'
import { addEvents, makePull, newEventsSchema, newPullSchema } from '@/data/across/pulls'
import { withdrawPull } from '@/data/across/withdrawals'
import { withdrawalSchema } from '@/core/record/withdrawal'
import { act } from '../act/act'
import { JOB_TARGET } from '../act/jobTarget'

/** Pulls from the bench as it stands: a proof, a warm-up or an edition pull. */
export const pullAction = act(
  z.strictObject({ ...JOB_TARGET, pull: newPullSchema }),
  'shop',
  async ({ jobId, revision, pull }, at) => ({ revision: await makePull(jobId, revision, pull, at) }),
  { shows: 'job' },
)

/** Adds what was seen of a pull. */
export const addEventsAction = act(
  z.strictObject({ ...JOB_TARGET, added: newEventsSchema }),
  'shop',
  async ({ jobId, revision, added }, at) => ({ revision: await addEvents(jobId, revision, added, at) }),
  { shows: 'job' },
)

/** Withdraws a pull that was entered by mistake. */
export const withdrawPullAction = act(
  z.strictObject({ ...JOB_TARGET, withdrawal: withdrawalSchema }),
  'shop',
  async ({ jobId, revision, withdrawal }, at) => ({
    revision: await withdrawPull(jobId, revision, withdrawal, at),
  }),
  { shows: 'job' },
)

/** Approves a proof as the BAT. */
export const approveBatAction = act(
  z.strictObject({ ...JOB_TARGET, bat: newBatSchema }),
  'shop',
  async ({ jobId, revision, bat }, at) => ({ revision: await approveBat(jobId, revision, bat, at) }),
  { shows: 'job' },
)

/** Notes that a print was seen of a proof that was approved from a picture. */
export const notePrintSeenAction = act(
  z.strictObject({ ...JOB_TARGET, seen: printSeenSchema }),
  'shop',
  async ({ jobId, revision, seen }, at) => ({ revision: await notePrintSeen(jobId, revision, seen, at) }),
  { shows: 'job' },
)
