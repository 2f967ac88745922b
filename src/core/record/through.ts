import { freshSheets } from '../edition/freshSheets'
import { printsWanted, sizeDeclared, type Purposed } from '../prove/purpose'
import { SURE } from './sure'
import { runOnBench, sheetLines, sheetsWaiting, type SheetLine, type SheetsRecord } from '../edition/runs'

/** How an edition stands through all its runs, seen from the run on the bench. */
export interface Through {
  runCount: number
  /** sheets through every run, and those still wanted */
  through: number
  left: number
  /** fresh sheets to begin the first run with; none where the job begins on existing prints */
  fresh: number
  /** sheets that wait for the run on the bench; null: it is the first, and fresh ones begin there */
  waiting: number | null
}

/** A job as far as its sheets go. */
export interface SheetsOfJob extends Purposed, SheetsRecord {
  openRun: number
}

/** Prints still wanted where they are made over existing ones: what is declared, or else every one there is. */
function leftOver(job: SheetsOfJob, lines: readonly SheetLine[]): number {
  const wanted = sizeDeclared(job) ?? lines.filter(({ isLost }) => !isLost).length
  return Math.max(0, wanted - lines.filter(({ isThrough }) => isThrough).length)
}

/** Reads from a job's record how many sheets are through, how many wait, and how many must still be begun. */
export function readThrough(job: SheetsOfJob): Through {
  const lines = sheetLines(job)
  const place = job.runs.indexOf(runOnBench(job))
  const beginsFresh = job.givenSheets.length === 0
  return {
    runCount: job.runs.length,
    through: lines.filter(({ isThrough }) => isThrough).length,
    ...(beginsFresh
      ? freshSheets(printsWanted(job), lines, job.runs.length, SURE)
      : { left: leftOver(job, lines), fresh: 0 }),
    waiting: place <= 0 && beginsFresh ? null : sheetsWaiting(lines, place).length,
  }
}
