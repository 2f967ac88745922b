import { documentKind, type DocumentKind } from '../document/documentKind'
import type { Read } from '../document/setAside'
import { laterEventSchema, type LaterEvent } from './laterEvent'
import { pullEventSchema, type PullEvent } from './pull'

const KNOWN: ReadonlySet<unknown> = new Set(pullEventSchema.options.map(({ shape }) => shape.kind.value))
const plain = documentKind(pullEventSchema)

/** A kept event as this release sees it: one of an unknown kind is taken whole. */
export function readPullEvent(document: unknown): Read<PullEvent | LaterEvent> {
  const { kind } = (document ?? {}) as { kind?: unknown }
  if (typeof kind !== 'string' || kind === 'later' || KNOWN.has(kind)) return plain.read(document)
  return {
    value: { kind: 'later', was: kind, document: document as Record<string, unknown> },
    aside: [],
  }
}

/** How an event is kept: one of an unknown kind as it came. */
export const pullEventDocument: DocumentKind<PullEvent | LaterEvent> = {
  version: plain.version,
  read: readPullEvent,
  write: (value) => {
    const later = laterEventSchema.safeParse(value)
    return later.success ? later.data.document : plain.write(value)
  },
}
