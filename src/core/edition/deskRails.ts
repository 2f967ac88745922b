import { z } from 'zod'
import type { Upgrade } from '../document/documentKind'
import { count, finite } from '../units/schemas'
import { RAILS, type Rail } from './meeting'

/** A moment of this century or near it, ms since 1970: nothing a broken clock says is kept. */
const instant = finite.min(0).max(8.64e15)
const begunOn = { plate: z.array(instant).max(80), sheet: z.array(instant).max(20) }

/**
 * How plate and sheet stand at the server: starts of segments, ms since 1970 by its clock, and how often each rail was moved. The order in
 * which the server heard is the only one: no clock of a device decides.
 */
export const deskRailsSchema = z.strictObject({
  plate: z.strictObject({ begun: begunOn.plate, sequence: count }),
  sheet: z.strictObject({ begun: begunOn.sheet, sequence: count }),
})
export type DeskRails = z.infer<typeof deskRailsSchema>

export const EMPTY_RAILS: DeskRails = {
  plate: { begun: [], sequence: 0 },
  sheet: { begun: [], sequence: 0 },
}

const withoutClock = (rail: unknown) => ({ begun: (rail as { begun?: unknown }).begun, sequence: 0 })

/** Rails were ordered by the devices' clocks once; what stands, stands, and is counted from here. */
export const RAILS_STEPS: readonly Upgrade[] = [
  ({ plate, sheet, ...rest }) => ({ ...rest, plate: withoutClock(plate), sheet: withoutClock(sheet) }),
]

/** What waits on a device: entries to be sent, and those the server refused and somebody has to put right. */
export const deskWaitsSchema = z.strictObject({ toSend: count, refused: count })
export type DeskWaits = z.infer<typeof deskWaitsSchema>

/** One device's words: of a rail, how it stands now there, and which state of the server's it began from. */
export const railWordsSchema = z.strictObject({
  words: z
    .array(
      z.discriminatedUnion('rail', [
        z.strictObject({ rail: z.literal('plate'), begun: begunOn.plate, base: count }),
        z.strictObject({ rail: z.literal('sheet'), begun: begunOn.sheet, base: count }),
      ]),
    )
    .max(2),
})
export type RailWord = z.infer<typeof railWordsSchema>['words'][number]

/** The rails after a word: it holds when the device knew how the rail stood; one that did not is told so by what is answered. */
export function heard(rails: DeskRails, { rail, begun, base }: RailWord): DeskRails {
  const known = rails[rail]
  return known.sequence === base ? { ...rails, [rail]: { begun, sequence: base + 1 } } : rails
}

/** A rail at a device: as the server has it, or moved on since and not yet known to be heard. */
export interface OwnRail {
  begun: number[]
  /** the server's state it began from */
  sequence: number
  /** how it was moved since then, oldest first; empty: it stands as the server has it */
  trail: number[][]
}
export type OwnRails = Record<Rail, OwnRail>

/** Two clocks were compared twice, each time to within an answer's way, ms. */
const SAME_MS = 1000
const alike = (a: readonly number[], b: readonly number[]) =>
  a.length === b.length && a.every((begun, i) => Math.abs(begun - b[i]) < SAME_MS)

/** A rail moved at this device. */
export const movedRail = ({ sequence, trail }: OwnRail, begun: number[]): OwnRail => ({
  begun,
  sequence,
  trail: [...trail, begun],
})

/** What a device has to say, in its own moments. */
export const wordsOf = (rails: OwnRails): RailWord[] =>
  (Object.keys(RAILS) as Rail[]).flatMap((rail) => {
    const { begun, sequence, trail } = rails[rail]
    return trail.length === 0 ? [] : [{ rail, begun, base: sequence }]
  })

function answeredRail(mine: OwnRail, theirs: DeskRails[Rail]): OwnRail {
  if (mine.sequence === theirs.sequence) return mine
  // A word of this device that was taken, even if the answer to it was lost: what was done since stands.
  const taken = mine.trail.findLastIndex((begun) => alike(begun, theirs.begun))
  if (taken >= 0) return { begun: mine.begun, sequence: theirs.sequence, trail: mine.trail.slice(taken + 1) }
  return { begun: theirs.begun, sequence: theirs.sequence, trail: [] }
}

/**
 * A device's rails after the server answered. Its own words stand as far as the server took them; else the server's state holds.
 *
 * @param own as they stand now, perhaps moved on since the server was asked
 * @param answered the server's rails, in moments of this device
 */
export const answeredRails = (own: OwnRails, answered: DeskRails): OwnRails => ({
  plate: answeredRail(own.plate, answered.plate),
  sheet: answeredRail(own.sheet, answered.sheet),
})

/** The rails with every moment moved, ms: from one clock to another. */
export const onClock = (rails: DeskRails, byMs: number): DeskRails => ({
  plate: { ...rails.plate, begun: rails.plate.begun.map((at) => at + byMs) },
  sheet: { ...rails.sheet, begun: rails.sheet.begun.map((at) => at + byMs) },
})
