import { ZodError } from 'zod'
import { LaterDocumentError } from '@/core/document/documentKind'

/** What is wrong, and at which field; an empty field speaks of the whole. */
export interface FieldProblem {
  field: string
  message: string
}

/** Input that cannot be kept. Nothing was written. */
export class FieldError extends Error {
  constructor(readonly problems: FieldProblem[]) {
    super(problems.map(({ field, message }) => (field ? `${field}: ${message}` : message)).join('; '))
    this.name = 'FieldError'
  }
}

/** The job was changed elsewhere since this window read it. Nothing was written. */
export class ConflictError extends Error {
  constructor() {
    super(
      'This job was changed in another window since it was opened here. Nothing was overwritten: reload it, then make the change again.',
    )
    this.name = 'ConflictError'
  }
}

/** What was asked for is not in this workshop. */
export class NotFoundError extends Error {
  constructor(what: string) {
    super(`${what} is not in this workshop.`)
    this.name = 'NotFoundError'
  }
}

/** A job whose documents this release cannot read. It stays as it is, and can be taken out raw. */
export class UnreadableJobError extends Error {
  constructor(
    readonly slug: string,
    readonly title: string,
    readonly reason: string,
  ) {
    super(`${title} cannot be read: ${reason}`)
    this.name = 'UnreadableJobError'
  }
}

/** Whether what was thrown says that a document cannot be read. */
export const isUnreadable = (error: unknown): error is ZodError | LaterDocumentError =>
  error instanceof ZodError || error instanceof LaterDocumentError

/** What is wrong with a document, and where. */
export function whyUnreadable(error: ZodError | LaterDocumentError): string {
  if (error instanceof LaterDocumentError) return error.message
  const [{ path, message }] = error.issues
  return path.length > 0 ? `${path.join('.')}: ${message}` : message
}
