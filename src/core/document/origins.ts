import { z } from 'zod'

/** Where a value comes from: left as it was laid out, brought over from another setting, plate or press, typed, or measured. */
export const ORIGINS = ['default', 'carried', 'typed', 'measured'] as const
export type Origin = (typeof ORIGINS)[number]

/** Origins by path; a path that is absent means that nobody knows, and never that it is a default. */
export const originsSchema = z.record(z.string().min(1).max(200), z.enum(ORIGINS))
export type Origins = z.infer<typeof originsSchema>

/**
 * Origins after one part of a document was set anew: what was said of it just now holds; what was known of a value that is as before
 * stays; of a value that changed without a word nothing is known any more.
 *
 * @param part the document's key that was set, as `press`
 * @param said origins by path within the part
 * @example originsAfter({ 'press.passes': 'default' }, 'press', { passes: 1 }, { passes: 2 }, { passes: 'typed' })
 *   // { 'press.passes': 'typed' }
 */
export function originsAfter(
  known: Origins,
  part: string,
  before: object | null,
  after: object,
  said: Origins,
): Origins {
  const isSame = (key: string) =>
    JSON.stringify((before as Record<string, unknown> | null)?.[key]) ===
    JSON.stringify((after as Record<string, unknown>)[key])
  const kept = Object.entries(known).filter(([path]) => {
    const [of, key] = path.split('.')
    return of !== part || isSame(key)
  })
  const told = Object.entries(said).map(([path, origin]) => [`${part}.${path}`, origin] as const)
  return Object.fromEntries([...kept, ...told])
}
