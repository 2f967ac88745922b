import { randomUUID } from 'node:crypto'
import type { DeviceRole } from './roles'
import { hashOf, isSame, makeCode, makeToken } from './secret'

/** How long a code lives, and a device that waits to be let in, ms. */
export const CODE_MS = 5 * 60_000
/** Wrong tries, in all and by whomever, after which a code is no more. */
export const MOST_WRONG = 5
const LONGEST_NAME = 40
/** Devices that may wait at once. */
const MOST_WAITING = 8

/** A device that gave the right code and waits until the machine lets it in. */
export interface WaitingDevice {
  id: string
  name: string
  /** ms since 1970 */
  askedAt: number
}

/** Why a try came to nothing. */
export type Refused = 'no-code' | 'wrong' | 'dead' | 'nameless' | 'crowd'

/** How it stands with a device that waits. */
export type Standing =
  | { stand: 'waiting'; name: string }
  | { stand: 'admitted'; device: { id: string; name: string; role: DeviceRole } }
  | { stand: 'gone' }

/** The pairing of one opened workshop. Nothing of it outlives the process. */
export interface Pairing {
  /** makes a code; one made before is no more @returns the code and until when it lives, ms since 1970 */
  openCode: () => { code: string; until: number }
  closeCode: () => void
  /** the code that lives, and how many wrong tries it still bears; null: none */
  open: () => { code: string; until: number; triesLeft: number } | null
  /** a device’s try @returns the token it waits with, or why not */
  ask: (code: string, name: string) => { token: string } | { refused: Refused }
  waiting: () => WaitingDevice[]
  /** @returns whether such a device still waits */
  admit: (id: string, role: DeviceRole) => boolean
  decline: (id: string) => boolean
  /** how it stands with who waits by a token; who was admitted is told so once */
  collect: (token: string) => Standing
}

/** A device’s name as it is shown: without what is no letter, sign or space. */
export const deviceName = (said: string): string =>
  said
    .normalize('NFC')
    .replace(/[\p{C}\p{Zl}\p{Zp}]/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .match(new RegExp(`^.{0,${LONGEST_NAME}}`, 'su'))![0]
    .trim()

/** @param now ms since 1970 */
export function openPairing(now: () => number = Date.now): Pairing {
  let open: { code: string; until: number; wrong: number } | null = null
  let asked: (WaitingDevice & { hash: string; role: DeviceRole | null })[] = []
  const living = () => {
    if (open && now() >= open.until) open = null
    return open
  }
  const stillAsked = () => {
    asked = asked.filter(({ askedAt }) => now() - askedAt < CODE_MS)
    return asked
  }
  const answered = (id: string) => stillAsked().find((one) => one.id === id && one.role === null)
  return {
    openCode: () => {
      open = { code: makeCode(), until: now() + CODE_MS, wrong: 0 }
      return { code: open.code, until: open.until }
    },
    closeCode: () => {
      open = null
    },
    open: () => {
      const one = living()
      return one && { code: one.code, until: one.until, triesLeft: MOST_WRONG - one.wrong }
    },
    ask: (code, said) => {
      const one = living()
      if (!one) return { refused: 'no-code' }
      const name = deviceName(said)
      if (!name) return { refused: 'nameless' }
      if (!isSame(code.replace(/\s/g, ''), one.code)) {
        one.wrong += 1
        if (one.wrong < MOST_WRONG) return { refused: 'wrong' }
        open = null
        return { refused: 'dead' }
      }
      if (stillAsked().length >= MOST_WAITING) return { refused: 'crowd' }
      // A code lets one device ask.
      open = null
      const token = makeToken()
      asked.push({ id: randomUUID(), name, askedAt: now(), hash: hashOf(token), role: null })
      return { token }
    },
    waiting: () =>
      stillAsked()
        .filter(({ role }) => role === null)
        .map(({ id, name, askedAt }) => ({ id, name, askedAt })),
    admit: (id, role) => {
      const one = answered(id)
      if (one) one.role = role
      return one !== undefined
    },
    decline: (id) => {
      const one = answered(id)
      asked = asked.filter((other) => other !== one)
      return one !== undefined
    },
    collect: (token) => {
      const hash = hashOf(token)
      const one = stillAsked().find((other) => other.hash === hash)
      if (!one) return { stand: 'gone' }
      const { id, name, role } = one
      if (role === null) return { stand: 'waiting', name }
      asked = asked.filter((other) => other !== one)
      return { stand: 'admitted', device: { id, name, role } }
    },
  }
}
