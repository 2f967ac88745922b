/** The value that a share of the values is at most; it sorts what it is given. */
export function quantileOf(values: number[], share: number): number {
  const sorted = values.sort((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]
}
