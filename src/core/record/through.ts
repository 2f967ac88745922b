import { freshSheets } from '../edition/freshSheets'
import type { Pull } from '../edition/pull'
import { printsWanted, type Purposed } from '../prove/purpose'
import { SURE } from './sure'
import { runOnBench, sheetLines, sheetsWaiting, type Run, type SheetMark } from '../edition/runs'

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

/** What of a job's record tells how its sheets stand. */
export interface SheetsOfJob extends Purposed {
  openRun: number
  runs: readonly Run[]
  pulls: readonly (Pull & { runPosition: number; sheet: number })[]
  sheetMarks: readonly SheetMark[]
}

/** Reads from a job's record how many sheets are through, how many wait, and how many must still be begun. */
export function readThrough(job: SheetsOfJob): Through {
  const lines = sheetLines(job.runs, job.pulls, job.sheetMarks)
  const place = job.runs.indexOf(runOnBench(job))
  return {
    runCount: job.runs.length,
    through: lines.filter(({ isThrough }) => isThrough).length,
    ...freshSheets(printsWanted(job), lines, job.runs.length, SURE),
    waiting: place <= 0 ? null : sheetsWaiting(lines, place).length,
  }
}
