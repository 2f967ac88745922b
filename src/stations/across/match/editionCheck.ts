import { fork, type ChildProcess } from 'node:child_process'
import { setPriority } from 'node:os'
import path from 'node:path'
import type { MatchTolerances } from '@/core/match/checks/matchCheck'

/** How far the check of a whole edition is; it goes on while nobody looks. */
export interface EditionCheckState {
  done: number
  of: number
  /** impressions that could not be compared, and why */
  refused: string[]
  isRunning: boolean
  /** why it ended before all were done, if not because somebody stopped it */
  problem: string | null
}

/** One at a time a job. Kept with the process and not the module, which the server may load more than once. */
const kept = globalThis as typeof globalThis & {
  editionChecks?: Map<string, { child: ChildProcess; state: EditionCheckState }>
}
const checks = (kept.editionChecks ??= new Map())

/** Behind whoever is at a screen. */
const NICE = 10

/** Begins to check what is not checked yet, in a process of its own; one that runs already goes on. */
export function startEditionCheck(asked: {
  slug: string
  dry: boolean
  by: string
  tolerances: MatchTolerances
}): EditionCheckState {
  const running = checks.get(asked.slug)
  if (running?.state.isRunning) return running.state
  const state: EditionCheckState = { done: 0, of: 0, refused: [], isRunning: true, problem: null }
  // Put together here, so that whoever bundles the server leaves it a file.
  const entry = ['src', 'cli', 'matchEdition.ts'].reduce(
    (folder, name) => path.join(folder, name),
    process.cwd(),
  )
  const child = fork(entry, [JSON.stringify(asked)], {
    execArgv: ['--import', 'tsx'],
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  })
  checks.set(asked.slug, { child, state })
  if (child.pid) setPriority(child.pid, NICE)
  child.on('message', (told) => Object.assign(state, told))
  child.on('error', () =>
    Object.assign(state, { isRunning: false, problem: 'The check could not be begun.' }),
  )
  child.on('exit', (code, signal) =>
    Object.assign(state, {
      isRunning: false,
      problem:
        code === 0 || signal === 'SIGTERM'
          ? null
          : 'The check was cut off. What was checked is on the prints; begin again for the rest.',
    }),
  )
  return state
}

/** How far a job's check is; null: none was begun since the server started. */
export const readEditionCheck = (slug: string): EditionCheckState | null => checks.get(slug)?.state ?? null

/** Stops after what is on the prints. */
export function stopEditionCheck(slug: string): EditionCheckState | null {
  const check = checks.get(slug)
  check?.child.kill('SIGTERM')
  return check ? Object.assign(check.state, { isRunning: false }) : null
}
