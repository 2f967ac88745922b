import { QueryTypes } from 'sequelize'
import { json, jobKey, ofJob, real, serial, text, whole } from './columns'
import type { Migration } from './migration'

/**
 * Several runs a sheet, how an edition is sorted and signed, and who is credited. Prints that are each one of their own all carry
 * 1/1, so what may not be doubled is the number within its kind, no longer the mark.
 */
export const m0008Runs: Migration = {
  name: '0008-runs',
  columns: {
    jobs: {
      openRun: { ...whole, defaultValue: 0 },
      variation: { ...text, defaultValue: 'alike' },
      credits: { ...json, defaultValue: [] },
    },
    runs: {
      kind: { ...text, defaultValue: 'plate' },
      between: { ...text, defaultValue: 'dry-damp' },
      waitHours: { ...real, defaultValue: 0 },
    },
    sheet_marks: {
      id: serial,
      jobId: ofJob,
      sheet: whole,
      runPosition: whole,
      mark: text,
      why: text,
      by: text,
      at: text,
    },
    sortings: { jobId: jobKey, numbering: json, at: text },
  },
  indexes: [
    ['sheet_marks', ['jobId'], false],
    ['prints', ['jobId', 'kind', 'number'], true],
  ],
  carry: async (queries, transaction) => {
    const indexes = await queries.sequelize.query<{ name: string; sql: string | null }>(
      "SELECT name, sql FROM sqlite_master WHERE type = 'index' AND tbl_name = 'prints'",
      { type: QueryTypes.SELECT, transaction },
    )
    for (const { name, sql } of indexes)
      if (sql?.includes('`mark`')) await queries.sequelize.query(`DROP INDEX "${name}"`, { transaction })
  },
}
