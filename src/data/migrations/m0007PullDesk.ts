import { jobKey, json, ofJob, optionalReal, optionalText, serial, text } from './columns'
import type { Migration } from './migration'

/** The meeting under way at a desk, the other end of what passes as the BAT, numbers that were taken back, and where prints went after signing. */
export const m0007PullDesk: Migration = {
  name: '0007-pull-desk',
  columns: {
    desk_meetings: { jobId: jobKey, rails: json, at: text },
    bats: { otherProofPullId: optionalText, wetMinutes: optionalReal },
    unlocks: { id: serial, jobId: ofJob, marks: json, why: text, by: text, at: text },
    custody: { id: serial, jobId: ofJob, pullId: text, move: json, at: text, by: text },
  },
  indexes: [
    ['unlocks', ['jobId'], false],
    ['custody', ['jobId'], false],
  ],
}
