import { z } from 'zod'

/** Where a value comes from: left as it was laid out, brought over from another setting, plate or press, typed, or measured. */
export const ORIGINS = ['default', 'carried', 'typed', 'measured'] as const
export type Origin = (typeof ORIGINS)[number]

/** Origins by path; a path that is absent means that nobody knows, and never that it is a default. */
export const originsSchema = z.record(z.string().min(1).max(200), z.enum(ORIGINS))
export type Origins = z.infer<typeof originsSchema>

/** The value at a path of a document; undefined where there is none. */
const valueAt = (value: unknown, steps: readonly string[]): unknown =>
  steps.reduce<unknown>(
    (at, step) => (typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[step] : undefined),
    value,
  )

/**
 * Where the value at a path comes from: what is said of it, or of the nearest whole it is part of; null: nobody knows.
 *
 * @example originAt({ 'ink.mixes.0.parts': 'typed' }, 'ink.mixes.0.parts') // 'typed'
 */
export function originAt(known: Origins, path: string): Origin | null {
  const steps = path.split('.')
  for (let length = steps.length; length > 0; length--) {
    const origin = known[steps.slice(0, length).join('.')]
    if (origin) return origin
  }
  return null
}

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
  const isSame = (steps: readonly string[]) => {
    const [was, is] = [before, after].map((value) => valueAt(value, steps))
    return is !== undefined && JSON.stringify(was) === JSON.stringify(is)
  }
  const kept = Object.entries(known).filter(([path]) => {
    const [of, ...steps] = path.split('.')
    return of !== part || isSame(steps)
  })
  const told = Object.entries(said).map(([path, origin]) => [`${part}.${path}`, origin] as const)
  return Object.fromEntries([...kept, ...told])
}
