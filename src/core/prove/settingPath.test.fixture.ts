/** The value at a dotted path, walked step by step; undefined where there is none. */
export function valueAtPath(from: unknown, path: string): unknown {
  let at = from
  for (const step of path.split('.')) {
    if (typeof at !== 'object' || at === null) return undefined
    at = (at as Record<string, unknown>)[step]
  }
  return at
}
