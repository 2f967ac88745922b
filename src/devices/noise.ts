/** A repeatable sequence of normal deviates: Park & Miller's generator (1988), summed twelve at a time. */
export function noiseSequence(seed: number): () => number {
  let state = (Math.abs(Math.floor(seed)) % 2147483646) + 1
  const uniform = () => (state = (state * 48271) % 2147483647) / 2147483647
  return () => Array.from({ length: 12 }, uniform).reduce((sum, value) => sum + value, 0) - 6
}

/** A seed from a name, the same every time. */
export function seedOf(name: string): number {
  return [...name].reduce((sum, letter) => (sum * 31 + letter.codePointAt(0)!) % 2147483646, 7) + 1
}
