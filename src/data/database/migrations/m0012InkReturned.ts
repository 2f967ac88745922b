import { optionalReal } from './columns'
import type { Migration } from './migration'

/** What was scraped back to the slab at a weighing: null where nobody weighed it. */
export const m0012InkReturned = {
  name: '0012-ink-returned',
  columns: { ink_weighings: { returnedGrams: optionalReal } },
} satisfies Migration
