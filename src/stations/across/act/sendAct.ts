import type { FieldProblem } from '@/data/database/errors'
import type { Act } from './act'
import type { Answer } from './answer'

/** What went wrong when the server could not be reached: nothing was kept, the entry stays. */
export const UNREACHABLE: FieldProblem = {
  field: '',
  message: 'Not saved: the server does not answer. What you typed stays here; try again.',
}

/** Acts whose answer did not come: the same words said again go out with the same key. */
const unanswered = new Map<unknown, Map<string, string>>()

/**
 * Sends an act with a key of its own. Pressed twice, or tried again after the answer was lost, it goes out with the same key, and the
 * server does it once.
 *
 * @param said tells two acts apart whose input does not say all, as a file's does not
 */
export async function sendAct<Input, Result extends object>(
  act: Act<Input, Result>,
  input: Input,
  said = JSON.stringify(input),
): Promise<Answer<Result>> {
  const keys = unanswered.get(act) ?? new Map<string, string>()
  unanswered.set(act, keys)
  const key = keys.get(said) ?? crypto.randomUUID()
  keys.set(said, key)
  try {
    const answer = await act(input, key)
    keys.delete(said)
    return answer
  } catch {
    return { ok: false, conflict: false, problems: [UNREACHABLE] }
  }
}
