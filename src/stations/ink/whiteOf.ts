import type { ShelfInk } from '@/core/ink/shelfInk'

/** Scattering per micrometre above which an ink is a covering white. */
const COVERING_WHITE = 0.2

/** The covering white of the shelf; null: there is none. */
export const whiteOf = <I extends Pick<ShelfInk, 's'>>(inks: readonly I[]): I | null =>
  inks.find(({ s }) => Math.max(...s) > COVERING_WHITE) ?? null
