import { isSameName } from '../units/byName'
import type { Settings } from '../prove/settings'
import { readPull } from './readPull'
import type { Pull } from './pull'
import type { Quantity } from './quantities'

/** What changes as a print dries. */
export const DRIES: readonly Quantity[] = ['tone1', 'tone2', 'tone3']

/** How a reading changes from wet to dry. */
export interface DryBack {
  quantity: Quantity
  /** dry less wet, in the quantity's unit */ mean: number
  /** what it was in the wet print, in the mean */ wet: number
  from: number
}

/** Whether two pulls were made with the same inks, in whatever order they are listed. */
function areSameInks(...[one, other]: [Settings, Settings]): boolean {
  const inks = other.ink.mixes
  return (
    one.ink.mixes.length === inks.length &&
    one.ink.mixes.every((mix) => inks.some((known) => isSameName(known, mix)))
  )
}

/** Learns the dry-back from pulls that were read both wet and dry, with the ink and on the paper of the last of them; what was never read both ways is left out. */
export function dryBack(pulls: readonly Pick<Pull, 'events' | 'settings'>[]): DryBack[] {
  const both = pulls
    .map((pull) => ({ pull, ...readPull(pull) }))
    .filter(({ readings, dryReadings }) =>
      DRIES.some((quantity) => readings[quantity] !== undefined && dryReadings[quantity] !== undefined),
    )
  const last = both.at(-1)?.pull.settings
  const like = both.filter(
    ({ pull: { settings } }) =>
      last !== undefined && areSameInks(settings, last) && settings.paper.paperId === last.paper.paperId,
  )
  return DRIES.flatMap((quantity): DryBack[] => {
    const read = like.flatMap(({ readings, dryReadings }) =>
      readings[quantity] === undefined || dryReadings[quantity] === undefined
        ? []
        : [{ wet: readings[quantity], change: dryReadings[quantity] - readings[quantity] }],
    )
    const mean = (key: 'wet' | 'change') => read.reduce((sum, one) => sum + one[key], 0) / read.length
    return read.length === 0 ? [] : [{ quantity, mean: mean('change'), wet: mean('wet'), from: read.length }]
  })
}
