import { wipeTakenSchema, type WipeTaken } from '@/core/wipe/pace'

const keyOf = (jobId: string) => `typothesis-wipe-${jobId}`

/** Keeps what a wipe took on this device until the pull it belongs to is made. */
export function keepWipe(jobId: string, taken: WipeTaken): void {
  try {
    localStorage.setItem(keyOf(jobId), JSON.stringify(taken))
  } catch {
    // Without storage the times stay on the pacer's screen only.
  }
}

/** The wipe kept for the next pull of a job, or null. */
export function readWipe(jobId: string): WipeTaken | null {
  try {
    const parsed = wipeTakenSchema.safeParse(JSON.parse(localStorage.getItem(keyOf(jobId)) ?? 'null'))
    return parsed.success ? parsed.data : null
  } catch {
    return null
  }
}

/** Forgets the kept wipe once a pull has taken it over. */
export function forgetWipe(jobId: string): void {
  try {
    localStorage.removeItem(keyOf(jobId))
  } catch {
    // Nothing was kept without storage.
  }
}
