/** Modulus and multiplier of Park & Miller's generator (Communications of the ACM 31, 1988, with their multiplier of 1993). */
const MODULUS = 2_147_483_647
const MULTIPLIER = 48_271

/**
 * A repeatable sequence of numbers between 0 and 1: Park & Miller's generator. Nothing here is left to chance.
 *
 * @param seed a whole number from 1 to 2147483646, such as `seedFrom` gives
 */
export function uniforms(seed: number): () => number {
  let state = seed
  return () => (state = (state * MULTIPLIER) % MODULUS) / MODULUS
}

/** A seed from any number. */
export const seedFrom = (value: number): number => (Math.abs(Math.floor(value)) % (MODULUS - 1)) + 1

/** A repeatable sequence of normal deviates of mean 0 and standard deviation 1, by Marsaglia's polar method (Marsaglia & Bray 1964). */
export function normals(seed: number): () => number {
  const uniform = uniforms(seedFrom(seed))
  let spare: number | null = null
  return () => {
    if (spare !== null) {
      const value = spare
      spare = null
      return value
    }
    for (;;) {
      const [u, v] = [2 * uniform() - 1, 2 * uniform() - 1]
      const r = u * u + v * v
      if (r === 0 || r >= 1) continue
      const scale = Math.sqrt((-2 * Math.log(r)) / r)
      spare = v * scale
      return u * scale
    }
  }
}
