import { randomUUID } from 'node:crypto'
import type { PictureSource } from '@/core/document/pictureSource'
import { hashOf, makeToken } from './secret'

/** How long a picture may be taken with another device after it was asked for, ms. */
export const WANTED_MS = 10 * 60_000
/** Pictures that may be wanted at once. */
const MOST = 20

/** A picture the server has. */
export interface TakenPicture {
  id: string
  size: { widthPx: number; heightPx: number } | null
  /** what its file says of the device it came from */
  source: PictureSource | null
}

/** How it stands with a picture that is wanted: still to come, there, or nobody waits for it any more. */
export type WantedStanding = { stand: 'wanted' | 'gone' } | { stand: 'taken'; picture: TakenPicture }

/** Pictures a field waits for, each to be taken once with whatever device was shown its token. Nothing of it outlives the process. */
export interface WantedPictures {
  /** @param what it shows, in the words of its field @returns the id by which the field asks, known to it alone, and the token for the other device; null: too many are wanted */
  want: (what: string) => { id: string; token: string; until: number } | null
  /** what a token is for; null: nothing any more */
  whatFor: (token: string) => string | null
  /** begins to take it: one device at a time @returns what to say when it is there; null: it is not wanted by this token, or on its way already */
  begin: (token: string) => string | null
  /** it is there, and its token is worth nothing any more */
  done: (begun: string, picture: TakenPicture) => void
  /** what was on its way did not come: it may be tried again */
  release: (begun: string) => void
  /** how it stands with a field's picture; one that is there is handed over once */
  collect: (id: string) => WantedStanding
  /** the field waits no longer */
  forget: (id: string) => void
}

/** @param now ms since 1970 */
export function openWantedPictures(now: () => number = Date.now): WantedPictures {
  interface Wanted {
    id: string
    hash: string
    what: string
    until: number
    /** of the one on its way */
    begun: string | null
    picture: TakenPicture | null
  }
  let all: Wanted[] = []
  const living = () => {
    all = all.filter(({ until }) => now() < until)
    return all
  }
  const byToken = (token: string) => {
    const hash = hashOf(token)
    return living().find((one) => one.hash === hash && one.picture === null)
  }
  const byBegun = (begun: string) => living().find((one) => one.begun === begun)
  return {
    want: (what) => {
      if (living().length >= MOST) return null
      const token = makeToken()
      const wanted = { id: makeToken(), hash: hashOf(token), what, until: now() + WANTED_MS }
      all.push({ ...wanted, begun: null, picture: null })
      return { id: wanted.id, token, until: wanted.until }
    },
    whatFor: (token) => byToken(token)?.what ?? null,
    begin: (token) => {
      const one = byToken(token)
      if (!one || one.begun !== null) return null
      one.begun = randomUUID()
      return one.begun
    },
    done: (begun, picture) => {
      const one = byBegun(begun)
      if (one) one.picture = picture
    },
    release: (begun) => {
      const one = byBegun(begun)
      if (one) one.begun = null
    },
    collect: (id) => {
      const one = living().find((other) => other.id === id)
      if (!one) return { stand: 'gone' }
      if (!one.picture) return { stand: 'wanted' }
      all = all.filter((other) => other !== one)
      return { stand: 'taken', picture: one.picture }
    },
    forget: (id) => {
      all = all.filter((one) => one.id !== id)
    },
  }
}
