import type { Migration } from './migration'

/** What the first screen and the shelf are counted by: the newest event of a job, and its sheets by paper, without reading the rows. */
export const m0010Counts = {
  name: '0010-counts',
  columns: {},
  indexes: [
    ['pull_events', ['jobId'], false],
    ['pulls', ['jobId', 'paperId', 'sheet'], false],
  ],
} satisfies Migration
