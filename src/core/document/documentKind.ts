import type { z } from 'zod'
import { readLeniently, type Read } from './setAside'

/** One step of a chain: takes a document of one version to the next. Pure, and never guesses: what an older version meant is said. */
export type Upgrade = (document: Readonly<Record<string, unknown>>) => Record<string, unknown>

/** A document that a later release wrote. */
export class LaterDocumentError extends Error {
  constructor(
    readonly found: unknown,
    readonly known: number,
  ) {
    super(`version ${String(found)} is from a later Typothesis; this one reads version ${known}`)
    this.name = 'LaterDocumentError'
  }
}

/** How one kind of document is read and written. */
export interface DocumentKind<Value> {
  /** the newest version, which is what is written */
  version: number
  /**
   * Reads a document of any version up to the newest.
   *
   * @throws LaterDocumentError, ZodError
   */
  read: (document: unknown) => Read<Value>
  /** A document as it is kept: checked strictly, with its version. @throws ZodError */
  write: (value: unknown) => Record<string, unknown>
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Takes a document of any version to the newest by its chain; one without a version is of the first. @throws LaterDocumentError */
export function upgradeDocument(document: unknown, steps: readonly Upgrade[]): unknown {
  if (!isRecord(document)) return document
  const newest = steps.length + 1
  const version = document.version ?? 1
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1 || version > newest)
    throw new LaterDocumentError(version, newest)
  return steps
    .slice(version - 1)
    .reduce<Record<string, unknown>>(
      (older, step, i) => ({ ...step(older), version: version + i + 1 }),
      document,
    )
}

/**
 * A kind of document by the schema of its newest version and the steps that lead there.
 *
 * @param steps step i takes version i + 1 to i + 2
 * @param showsVersion true when the schema itself holds the version
 */
export function documentKind<S extends z.ZodType>(
  schema: S,
  { steps = [], showsVersion = false }: { steps?: readonly Upgrade[]; showsVersion?: boolean } = {},
): DocumentKind<z.output<S>> {
  const version = steps.length + 1
  return {
    version,
    read: (document) => {
      const newest = upgradeDocument(document, steps)
      if (showsVersion || !isRecord(newest)) return readLeniently(schema, newest)
      const { version: _, ...shown } = newest
      return readLeniently(schema, shown)
    },
    write: (value) => ({ ...(schema.parse(value) as object), version }),
  }
}
