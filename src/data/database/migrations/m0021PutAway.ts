import { optionalText, optionalTextOf } from './columns'
import type { Migration } from './migration'

/** Where a job lies that is off the shelf: put away for good keeping, or in the bin; null: on the shelf. */
export const m0021PutAway = {
  name: '0021-put-away',
  columns: { jobs: { putAway: optionalTextOf<'archive' | 'bin'>(), putAwayAt: optionalText } },
} satisfies Migration
