import type { DeskRails } from '@/core/edition/deskRails'
import type { KeptCustody } from '@/core/record/custody'
import type { Unlock } from '@/core/record/jobFile'
import { jobKey, json, ofJob, optionalReal, optionalText, serial, text } from './columns'
import type { Migration } from './migration'

/** The meeting under way at a desk, the other end of what passes as the BAT, numbers that were taken back, and where prints went after signing. */
export const m0007PullDesk = {
  name: '0007-pull-desk',
  columns: {
    desk_meetings: { jobId: jobKey, rails: json<DeskRails>(), at: text },
    bats: { otherProofPullId: optionalText, wetMinutes: optionalReal },
    unlocks: { id: serial, jobId: ofJob, marks: json<Unlock['marks']>(), why: text, by: text, at: text },
    custody: {
      id: serial,
      jobId: ofJob,
      pullId: text,
      move: json<KeptCustody['move']>(),
      at: text,
      by: text,
    },
  },
  indexes: [
    ['unlocks', ['jobId'], false],
    ['custody', ['jobId'], false],
  ],
} satisfies Migration
