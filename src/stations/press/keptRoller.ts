'use client'

import { useKeptText } from '@/ui/useKeptText'

/** A run under the roller as this device times it: when the plate went under and when it was off, ms since 1970. */
export interface RollerRun {
  startedAt: number | null
  seconds: number | null
}

const keyOf = (jobId: string) => `typothesis-roller-${jobId}`

function read(text: string): RollerRun {
  try {
    const { startedAt = null, seconds = null } = JSON.parse(text) as Partial<RollerRun>
    return {
      startedAt: typeof startedAt === 'number' ? startedAt : null,
      seconds: typeof seconds === 'number' && seconds > 0 && seconds <= 3600 ? seconds : null,
    }
  } catch {
    return { startedAt: null, seconds: null }
  }
}

/** The time under the roller for the next pull of a job, kept on this device until the pull takes it over. */
export function useRollerRun(jobId: string): {
  run: RollerRun
  tap: (now: number) => void
  forget: () => void
} {
  const [text, keep] = useKeptText(keyOf(jobId))
  const run = read(text)
  return {
    run,
    tap: (now) =>
      keep(
        JSON.stringify(
          run.startedAt === null
            ? { startedAt: now, seconds: null }
            : { startedAt: null, seconds: Math.max(0.1, Math.round((now - run.startedAt) / 100) / 10) },
        ),
      ),
    forget: () => keep(''),
  }
}
