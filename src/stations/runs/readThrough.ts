import { runOnBench, sheetLines, sheetsToStart } from '@/core/edition/runs'
import type { JobRecord } from '@/data/jobRecord'

/** How many of ten editions should come out with the sheets there are. */
const CONFIDENCE = 0.9

/** How an edition stands through all its runs, seen from the run on the bench. */
export interface Through {
  runCount: number
  /** sheets through every run */
  through: number
  /** sheets this run still has to let through, and how many to begin it with for that */
  left: number
  starts: number
}

/** Reads from a job's record how many sheets are through, and how many this run still needs. */
export function readThrough(job: Pick<JobRecord, 'runs' | 'openRun' | 'pulls' | 'sheetMarks' | 'editionSize'>): Through {
  const lines = sheetLines(job.runs, job.pulls, job.sheetMarks)
  const { left, starts } = sheetsToStart(job.editionSize, lines, job.runs.length, job.runs.indexOf(runOnBench(job)), CONFIDENCE)
  return { runCount: job.runs.length, through: lines.filter(({ isThrough }) => isThrough).length, left, starts }
}
