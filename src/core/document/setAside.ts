import type { z } from 'zod'

/** Where something stands in a document: keys and places from the outside in. */
export type DocumentPath = (string | number)[]

/** What a document holds that this release does not know: kept with its place, so that it can be put back. */
export interface SetAside {
  path: DocumentPath
  value: unknown
}

/** What was read of a document, and what of it was not known. */
export interface Read<Value> {
  value: Value
  aside: SetAside[]
}

type Container = Record<string | number, unknown>
const isContainer = (value: unknown): value is Container => typeof value === 'object' && value !== null

/** The container at a place, or null where there is none. */
function containerAt(document: unknown, path: readonly PropertyKey[]): Container | null {
  let at: unknown = document
  for (const key of path) at = isContainer(at) ? at[key as string] : undefined
  return isContainer(at) ? at : null
}

/**
 * Parses a document that another release may have written: keys the schema does not know are lifted aside with their place, and the
 * rest is parsed as strictly as ever. The document itself is not changed.
 *
 * @throws ZodError when something else than an unknown key is wrong
 * @example readLeniently(z.strictObject({ a: z.number() }), { a: 1, b: 2 })
 *   // { value: { a: 1 }, aside: [{ path: ['b'], value: 2 }] }
 */
export function readLeniently<S extends z.ZodType>(schema: S, document: unknown): Read<z.output<S>> {
  const first = schema.safeParse(document)
  if (first.success) return { value: first.data, aside: [] }
  const known: unknown = structuredClone(document)
  const aside: SetAside[] = []
  // Lifting one key may bring another to light, as conditions between fields are checked only where the fields are right.
  for (let parsed: z.ZodSafeParseResult<unknown> = first; ; parsed = schema.safeParse(known)) {
    if (parsed.success) return { value: parsed.data as z.output<S>, aside }
    let lifted = false
    for (const issue of parsed.error.issues) {
      if (issue.code !== 'unrecognized_keys') continue
      const holder = containerAt(known, issue.path)
      for (const key of issue.keys) {
        if (!holder || !(key in holder)) continue
        aside.push({ path: [...(issue.path as DocumentPath), key], value: holder[key] })
        delete holder[key]
        lifted = true
      }
    }
    if (!lifted) throw parsed.error
  }
}

/**
 * Puts back what was set aside, where its place is still there and nothing else has come to stand in it. The document given is not
 * changed.
 */
export function putBack<T>(document: T, aside: readonly SetAside[]): T {
  if (aside.length === 0) return document
  const whole = structuredClone(document)
  for (const { path, value } of aside) {
    const holder = containerAt(whole, path.slice(0, -1))
    const key = path.at(-1)
    if (holder && key !== undefined && !(key in holder)) holder[key] = value
  }
  return whole
}

/** What was set aside in a part of a document, told from the document's outside. */
export const asideWithin = (path: DocumentPath, aside: readonly SetAside[]): SetAside[] =>
  aside.map((one) => ({ ...one, path: [...path, ...one.path] }))
