import type { FieldProblem } from '@/data/database/errors'

/** Deeper than any document of ours. */
const DEEPEST = 64

/**
 * Finds what cannot be kept word for word: half a character, or a text with a zero in it, which a database would cut off there.
 *
 * @returns the first such place with what to do, or null
 */
export function unkeepable(input: unknown, path: readonly string[] = []): FieldProblem | null {
  const field = path.join('.')
  if (typeof input === 'string')
    return input.isWellFormed() && !input.includes('\0')
      ? null
      : { field, message: 'has a character that cannot be kept: type it again.' }
  if (typeof input !== 'object' || input === null || input instanceof Blob || input instanceof FormData)
    return null
  if (path.length > DEEPEST) return { field, message: 'is nested too deeply.' }
  for (const [key, value] of Object.entries(input)) {
    const problem = unkeepable(key, path) ?? unkeepable(value, [...path, key])
    if (problem) return problem
  }
  return null
}
