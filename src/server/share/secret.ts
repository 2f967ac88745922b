import { createHash, randomBytes, randomInt, timingSafeEqual } from 'node:crypto'

/** A token nobody can guess: 256 bits. */
export const makeToken = (): string => randomBytes(32).toString('base64url')

/** What is kept of a token: whoever reads it cannot come in with it. */
export const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex')

/** A code that is read from one screen and typed at another: six digits. */
export const makeCode = (): string => String(randomInt(1_000_000)).padStart(6, '0')

/** Whether two texts are the same, in a time that does not tell how far they agree. */
export function isSame(a: string, b: string): boolean {
  const [left, right] = [a, b].map((text) => createHash('sha256').update(text).digest())
  return timingSafeEqual(left, right)
}
