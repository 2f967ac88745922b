/** The cookie a paired device comes in with, and the one it waits with. Browsers take `__Host-` from this host over https alone. */
export const SESSION = '__Host-typothesis'
export const WAITING = '__Host-typothesis-waiting'

/** A cookie of a request; null: it brings none of that name. */
export function cookieOf(header: string | undefined, wanted: string): string | null {
  for (const one of (header ?? '').split(';')) {
    const [key, ...value] = one.trim().split('=')
    if (key === wanted) return value.join('=')
  }
  return null
}

/** @param seconds how long the device keeps it; 0: it forgets it at once */
export const setCookie = (name: string, value: string, seconds: number): string =>
  `${name}=${value}; Path=/; Max-Age=${seconds}; Secure; HttpOnly; SameSite=Lax`
