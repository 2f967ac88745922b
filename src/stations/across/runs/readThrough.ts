import { freshSheets } from '@/core/edition/freshSheets'
import { runOnBench, sheetLines, sheetsWaiting } from '@/core/edition/runs'
import type { JobRecord } from '@/data/record/jobRecord'

/** How many of ten editions should come out with the sheets there are. */
const CONFIDENCE = 0.9

/** How an edition stands through all its runs, seen from the run on the bench. */
export interface Through {
  runCount: number
  /** sheets through every run, and those still wanted */
  through: number
  left: number
  /** fresh sheets to begin the first run with */
  fresh: number
  /** sheets that wait for the run on the bench; null: it is the first, where sheets begin */
  waiting: number | null
}

/** Reads from a job's record how many sheets are through, how many wait, and how many must still be begun. */
export function readThrough(
  job: Pick<JobRecord, 'runs' | 'openRun' | 'pulls' | 'sheetMarks' | 'editionSize'>,
): Through {
  const lines = sheetLines(job.runs, job.pulls, job.sheetMarks)
  const place = job.runs.indexOf(runOnBench(job))
  return {
    runCount: job.runs.length,
    through: lines.filter(({ isThrough }) => isThrough).length,
    ...freshSheets(job.editionSize, lines, job.runs.length, CONFIDENCE),
    waiting: place === 0 ? null : sheetsWaiting(lines, place).length,
  }
}
