/** What a document names a picture by, wherever in it. */
const NAMED = 'imageId'

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null

/** Every picture a document names, each once, in the order they come: of states, proofs, prints, lay-downs and whatever names one yet. */
export function picturesNamedIn(document: unknown): string[] {
  const found = new Set<string>()
  const walk = (value: unknown): void => {
    if (!isPlain(value)) return
    for (const [key, inner] of Object.entries(value))
      if (key === NAMED && typeof inner === 'string' && inner !== '') found.add(inner)
      else walk(inner)
  }
  walk(document)
  return [...found]
}

/** A document with its pictures under other names; those that are not in the list stay as they are. @param names the new name of each */
export function withPicturesNamed(document: unknown, names: ReadonlyMap<string, string>): unknown {
  if (Array.isArray(document)) return document.map((value) => withPicturesNamed(value, names))
  if (!isPlain(document)) return document
  return Object.fromEntries(
    Object.entries(document).map(([key, value]) => [
      key,
      key === NAMED && typeof value === 'string'
        ? (names.get(value) ?? value)
        : withPicturesNamed(value, names),
    ]),
  )
}
