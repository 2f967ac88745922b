import { ZodError } from 'zod'
import { LaterDocumentError } from '@/core/document/documentKind'
import { ConflictError, FieldError, NotFoundError, type FieldProblem } from '@/data/database/errors'

/** What every server action answers: what was done, or what is wrong and where. Nothing was written in the second case. */
export type Answer<T = object> =
  ({ ok: true } & T) | { ok: false; conflict: boolean; problems: FieldProblem[] }

/** Runs an action and turns what it throws into an answer the screen can show; what nobody expected is thrown on. */
export async function answer<T extends object>(act: () => Promise<T>): Promise<Answer<T>> {
  try {
    return { ok: true, ...(await act()) }
  } catch (error) {
    if (error instanceof FieldError) return { ok: false, conflict: false, problems: error.problems }
    if (error instanceof ConflictError)
      return { ok: false, conflict: true, problems: [{ field: '', message: error.message }] }
    if (error instanceof NotFoundError)
      return { ok: false, conflict: false, problems: [{ field: '', message: error.message }] }
    if (error instanceof LaterDocumentError)
      return { ok: false, conflict: false, problems: [{ field: '', message: error.message }] }
    if (error instanceof ZodError)
      return {
        ok: false,
        conflict: false,
        problems: error.issues.map(({ path, message }) => ({ field: path.join('.'), message })),
      }
    throw error
  }
}
