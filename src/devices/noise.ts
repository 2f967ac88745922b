import { seedFrom, uniforms } from '@/core/stats/random'
/** A repeatable sequence of normal deviates: Park & Miller's generator (1988), summed twelve at a time. */
export function noiseSequence(seed: number): () => number {
  const uniform = uniforms(seedFrom(seed))
  return () => Array.from({ length: 12 }, uniform).reduce((sum, value) => sum + value, 0) - 6
}

/** A seed from a name, the same every time. */
export function seedOf(name: string): number {
  return [...name].reduce((sum, letter) => (sum * 31 + letter.codePointAt(0)!) % 2147483646, 7) + 1
}
