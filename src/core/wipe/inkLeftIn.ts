import { listed } from '../units/listed'
import type { PacedWipeStep } from './pacedSteps'

/** An ink as it counts for what stays in the lines. */
export interface InkInPlate {
  name: string
  kind: 'oil' | 'water-washable'
  /** inks of the shelf that are in it */
  inkIds: readonly string[]
}

/**
 * The inks of a run by the kind they are in the lines: a mix is oil as soon as one of its inks is, or as nobody knows one.
 *
 * @param kinds of the inks of the shelf, by id
 */
export const inksInPlate = (
  mixes: readonly { name: string; parts: readonly { inkId: string }[] }[],
  kinds: Readonly<Record<string, InkInPlate['kind']>>,
): InkInPlate[] =>
  mixes.map(({ name, parts }) => ({
    name,
    kind: parts.some(({ inkId }) => kinds[inkId] !== 'water-washable') ? 'oil' : 'water-washable',
    inkIds: parts.map(({ inkId }) => inkId),
  }))

/** Hours without a pull after which a plate may have been put away [common practice, no source: a meal is no break]. */
export const PUT_AWAY_HOURS = 3
/** What taking old ink out usually takes, s [common practice, no source: five minutes; deep lines ten]. */
const CLEAN_SECONDS = { oil: 300, 'water-washable': 240 } as const

/** What is done with ink that was left in the lines, before anything else. */
export interface InkLeftIn {
  goesOn: boolean
  because: string
  /** what goes before the inking; null: nothing does */
  step: PacedWipeStep | null
}

/**
 * What ink that was left in a plate asks of who inks it again: a water-washable ink stays moist and the same goes on over it; oil ink skins in
 * the lines and is taken out first, as is any ink where another follows [common practice, no source].
 *
 * @param was in the plate when it last printed @param now the inks it is to be inked with
 * @example inkLeftIn([tide], [tide]).goesOn // true, where `tide` is water-washable
 */
export function inkLeftIn(was: readonly InkInPlate[], now: readonly InkInPlate[]): InkLeftIn {
  const oil = was.filter(({ kind }) => kind !== 'water-washable')
  if (oil.length > 0)
    return cleaned(
      'oil',
      `${listed(oil.map(({ name }) => name))} ${oil.length === 1 ? 'is an oil ink and skins' : 'are oil inks and skin'} in the lines`,
      'oil and rags, then a little solvent; a warm plate loosens what stays dark in the lines',
    )
  const stays = new Set(now.flatMap(({ inkIds }) => inkIds))
  const others = was.filter(({ inkIds }) => inkIds.some((id) => !stays.has(id)))
  if (others.length > 0)
    return cleaned(
      'water-washable',
      `${listed(others.map(({ name }) => name))} would print into the new ink`,
      'soap, water and a soft brush; ten minutes of water for what stays in the lines; dry the plate',
    )
  return {
    goesOn: true,
    because:
      'A water-washable ink stays moist: the same goes on over it. The first print may be a little darker.',
    step: null,
  }
}

const cleaned = (kind: keyof typeof CLEAN_SECONDS, because: string, detail: string): InkLeftIn => ({
  goesOn: false,
  because: `Clean it out first: ${because}.`,
  step: {
    label: 'Clean the old ink out',
    seconds: CLEAN_SECONDS[kind],
    detail,
    before: null,
    hazard: 'cleaning',
  },
})
