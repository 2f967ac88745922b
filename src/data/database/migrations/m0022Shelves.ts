import { key, optionalText, text, textOf } from './columns'
import type { Migration } from './migration'

/** Shelves whose things can be put away. */
export type ShelfName = 'inks' | 'papers' | 'presses' | 'packs'

/** What is put away of the shelves, so that no job is offered it; and the jobs that others are begun as. */
export const m0022Shelves = {
  name: '0022-shelves',
  columns: {
    put_away: { shelf: { ...textOf<ShelfName>(), primaryKey: true as const }, thing: key, at: text },
    jobs: { templateAt: optionalText },
  },
} satisfies Migration
