import { jobKey, numberKey, optionalText, text } from './columns'
import type { Migration } from './migration'

/** Existing prints that a job begins on, each with its number, where it comes from and its picture. */
export const m0018GivenSheets = {
  name: '0018-given-sheets',
  columns: {
    given_sheets: {
      jobId: jobKey,
      sheet: numberKey,
      mark: text,
      source: text,
      imageId: optionalText,
      printedAt: optionalText,
      fromJobId: optionalText,
      fromPullId: optionalText,
      by: text,
      at: text,
    },
  },
} satisfies Migration
