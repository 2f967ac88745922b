import { QueryTypes } from 'sequelize'
import type { Numbering } from '@/core/dry/numbering'
import type { BetweenRuns, RunKind, SheetMark } from '@/core/edition/runs'
import type { Credits } from '@/core/record/credits'
import { jobKey, json, ofJob, real, serial, text, textOf, whole } from './columns'
import type { Migration } from './migration'

/**
 * Several runs a sheet, how an edition is sorted and signed, and who is credited. Prints that are each one of their own all carry
 * 1/1, so what may not be doubled is the number within its kind, no longer the mark.
 */
export const m0008Runs = {
  name: '0008-runs',
  columns: {
    jobs: {
      openRun: { ...whole, defaultValue: 0 },
      variation: { ...text, defaultValue: 'alike' },
      credits: { ...json<Credits>(), defaultValue: [] },
    },
    runs: {
      kind: { ...textOf<RunKind>(), defaultValue: 'plate' },
      between: { ...textOf<BetweenRuns>(), defaultValue: 'dry-damp' },
      waitHours: { ...real, defaultValue: 0 },
    },
    sheet_marks: {
      id: serial,
      jobId: ofJob,
      sheet: whole,
      runPosition: whole,
      mark: textOf<SheetMark['mark']>(),
      why: text,
      by: text,
      at: text,
    },
    sortings: { jobId: jobKey, numbering: json<Numbering>(), at: text },
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
} satisfies Migration
