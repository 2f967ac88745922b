import type { Roster } from '@/core/edition/roster'
import { jobKey, json } from './columns'
import type { Migration } from './migration'

/** Who prints in a class or on an open day. */
export const m0017Rosters = {
  name: '0017-rosters',
  columns: { rosters: { jobId: jobKey, roster: json<Roster>() } },
} satisfies Migration
